import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { canonicalText } from '../../core/base/canonical';
import { problemText, type FileProblem } from '../../core/base/validation/problem';
import type { BuildRecord } from '../../storage/database';
import { downloadText } from '../shell/build-files';
import { salvageBuild, type Salvaged } from '../../core/model/file/salvage';
import styles from './BuildsScreen.module.css';

interface UnreadableRowProps {
  record: BuildRecord;
  problem: FileProblem;
  onSalvage: (salvaged: Salvaged) => void;
  onRemove: () => void;
}

/** A stored build that cannot be read: what is wrong with it, and its file as it lies in the browser. */
export function UnreadableRow({ record, problem, onSalvage, onRemove }: UnreadableRowProps) {
  const { key, name, savedAt, build, version } = record;
  const salvaged = useMemo(() => salvageBuild(build, version), [build, version]);
  return (
    <li className={styles.unreadable}>
      <div>
        <strong>{name}</strong>
        <p className={styles.about}>
          Cannot be read: {problemText(problem)} · saved{' '}
          <span className="figure">{savedAt.slice(0, 16).replace('T', ' ')}</span>
        </p>
      </div>
      {salvaged && (
        <Button size="small" variant="outlined" onClick={() => onSalvage(salvaged)}>
          Keep what can be read
        </Button>
      )}
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
