import Button from '@mui/material/Button';
import { canonicalText } from '../../core/canonical';
import { problemText, type FileProblem } from '../../core/file/problem';
import type { BuildRecord } from '../../storage/database';
import { downloadText } from '../shell/build-files';
import styles from './BuildsScreen.module.css';

interface UnreadableRowProps {
  record: BuildRecord;
  problem: FileProblem;
  onRemove: () => void;
}

/** A stored build that cannot be read: what is wrong with it, and its file as it lies in the browser. */
export function UnreadableRow({ record, problem, onRemove }: UnreadableRowProps) {
  const { key, name, savedAt, build } = record;
  return (
    <li className={styles.row}>
      <div>
        <strong>{name}</strong>
        <p className={styles.about}>
          Cannot be read: {problemText(problem)} · saved{' '}
          <span className="figure">{savedAt.slice(0, 16).replace('T', ' ')}</span>
        </p>
      </div>
      <Button
        size="small"
        onClick={() =>
          downloadText(`${key}-as-stored.json`, `${canonicalText(build, 2)}\n`, 'application/json')
        }
      >
        Save its file
      </Button>
      <Button size="small" color="error" onClick={onRemove}>
        Delete
      </Button>
    </li>
  );
}
