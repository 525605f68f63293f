import Button from '@mui/material/Button';
import { canonicalText } from '../../core/base/canonical';
import { problemText } from '../../core/base/validation/problem';
import { downloadText } from '../shell/build-files';
import { useLocker } from '../state/locker-store';
import styles from './LockerStation.module.css';

/** Stored sheets that cannot be read: what is wrong with each, and its file as it lies in the browser. */
export function SpoiltSheets() {
  const { spoilt, remove } = useLocker();
  if (spoilt.length === 0) return null;
  return (
    <ul className={styles.spoilt} aria-label="Sheets that cannot be read">
      {spoilt.map(({ record, problem }) => (
        <li key={record.id}>
          <p>
            <strong>{String(record.part?.name ?? record.id)}</strong> cannot be read: {problemText(problem)}
          </p>
          <Button
            size="small"
            onClick={() =>
              downloadText(`${record.id}-as-stored.json`, `${canonicalText(record, 2)}\n`, 'application/json')
            }
          >
            Save its file
          </Button>
          <Button size="small" color="error" onClick={() => void remove(record.id)}>
            Delete
          </Button>
        </li>
      ))}
    </ul>
  );
}
