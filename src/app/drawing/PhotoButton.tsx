import Button from '@mui/material/Button';
import { useState } from 'react';
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
  const take = async (file: File | undefined) => {
    if (!file) return;
    const read = await readPhoto(file);
    setProblem(read.ok ? undefined : read.problem);
    if (read.ok) onTake(read.value);
  };
  return (
    <div className={styles.photo}>
      {photo !== undefined && <img src={photo} alt={shows} className={styles.picture} />}
      <div className={styles.buttons}>
        <Button component="label" size="small" variant="outlined">
          {photo === undefined ? 'Add a photograph' : 'Another photograph'}
          <input
            type="file"
            accept="image/*"
            className="visually-hidden"
            aria-label={photo === undefined ? 'Add a photograph' : 'Another photograph'}
            onChange={({ target }) => {
              void take(target.files?.[0]);
              target.value = '';
            }}
          />
        </Button>
        {photo !== undefined && (
          <Button size="small" onClick={() => onTake(undefined)}>
            Take it out
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
