import Button from '@mui/material/Button';
import { useState } from 'react';
import { FileButton } from '../shell/FileButton';
import { readPhoto } from './read-photo';
import styles from './PhotoButton.module.css';

interface PhotoButtonProps {
  photo: string | undefined;
  /** What the picture shows, for those who cannot see it. */
  shows: string;
  onTake: (photo: string | undefined) => void;
}

/** A small photograph that is kept with the build: taken or chosen, shown, taken out again. */
export function PhotoButton({ photo, shows, onTake }: PhotoButtonProps) {
  const [problem, setProblem] = useState<string>();
  const words = photo === undefined ? 'Add a photograph' : 'Another photograph';
  const take = async (file: File) => {
    const read = await readPhoto(file);
    setProblem(read.ok ? undefined : read.problem);
    if (read.ok) onTake(read.value);
  };
  return (
    <div className={styles.photo}>
      {photo !== undefined && <img src={photo} alt={shows} className={styles.picture} />}
      <div className={styles.buttons}>
        <FileButton label={words} accept="image/*" variant="outlined" onTake={(file) => void take(file)}>
          {words}
        </FileButton>
        {photo !== undefined && (
          <Button size="small" onClick={() => onTake(undefined)}>
            Remove the photograph
          </Button>
        )}
      </div>
      {problem !== undefined && (
        <p role="alert" className={styles.problem}>
          {problem}
        </p>
      )}
    </div>
  );
}
