import Tooltip from '@mui/material/Tooltip';
import { glossary, withTerms } from '../../core/base/words/glossary';
import styles from './Explained.module.css';

/** A text in which each word of the bench explains itself, on hover, focus or tap. */
export function Explained({ text }: { text: string }) {
  return withTerms(text).map(({ text: piece, term }, n) =>
    term ? (
      <Tooltip
        key={`${piece} ${n}`}
        title={glossary[term]}
        enterTouchDelay={0}
        leaveTouchDelay={6000}
        enterDelay={150}
        describeChild
      >
        <button type="button" data-inline className={styles.term}>
          {piece}
        </button>
      </Tooltip>
    ) : (
      piece
    ),
  );
}
