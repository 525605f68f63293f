import type { ReactNode } from 'react';
import { SaveFigure } from './SaveFigure';
import styles from './Figure.module.css';

interface FigureProps {
  /** What the picture is saved as. */
  name: string;
  /** What stands over it. */
  caption: ReactNode;
  children: ReactNode;
}

/** A picture under its caption, that can be saved. */
export function Figure({ name, caption, children }: FigureProps) {
  return (
    <figure className={styles.figure}>
      <figcaption className={styles.caption}>
        <span>{caption}</span>
        <SaveFigure name={name} />
      </figcaption>
      {children}
    </figure>
  );
}
