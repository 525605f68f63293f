import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useRef, useState } from 'react';
import { lineFromPhoto } from '../../core/desk/label/photo-line';
import { readPhoto } from '../../workers/read-photo';
import { FileButton } from '../shell/FileButton';
import styles from './AddParts.module.css';

interface LabelPhotoProps {
  /** @param picture an address of the photograph, good as long as the page is open */
  onRead: (line: string, picture: string) => void;
}

/** Reads a photograph of a label or box on this device; the line that comes of it is for the person to look over. */
export function LabelPhoto({ onRead }: LabelPhotoProps) {
  const [share, setShare] = useState<number>();
  const [trouble, setTrouble] = useState('');
  const reading = useRef<AbortController>(undefined);
  useEffect(() => () => reading.current?.abort(), []);
  const take = async (photo: File) => {
    const control = (reading.current = new AbortController());
    setTrouble('');
    setShare(0);
    try {
      const line = lineFromPhoto(await readPhoto(photo, control.signal, setShare));
      if (line === '')
        setTrouble('No print could be read. Take it closer, sharper and in more light, or type the line.');
      else onRead(line, URL.createObjectURL(photo));
    } catch (error) {
      if (!control.signal.aborted)
        setTrouble(`The photo was not read: ${error instanceof Error ? error.message : String(error)}.`);
    } finally {
      setShare(undefined);
    }
  };
  if (share !== undefined)
    return (
      <div className={styles.photoBusy} role="status">
        <span>Reading the photo on this device …</span>
        <LinearProgress variant="determinate" value={100 * share} aria-label="Share of the photo read" />
        <Button size="small" onClick={() => reading.current?.abort()}>
          Stop
        </Button>
      </div>
    );
  return (
    <>
      <FileButton label="Photo of a label" accept="image/*" onTake={(file) => void take(file)}>
        Read a photo of a label…
      </FileButton>
      {trouble !== '' && (
        <p className={styles.unread} role="alert">
          {trouble}
        </p>
      )}
    </>
  );
}
