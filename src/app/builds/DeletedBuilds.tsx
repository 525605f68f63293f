import Button from '@mui/material/Button';
import type { DeletedRecord } from '../../storage/database';
import styles from './BuildsScreen.module.css';

interface DeletedBuildsProps {
  records: readonly DeletedRecord[];
  onPutBack: (key: string) => void;
  onForget: (key: string) => void;
}

/** Builds that were deleted within the last month. */
export function DeletedBuilds({ records, onPutBack, onForget }: DeletedBuildsProps) {
  return (
    <section aria-labelledby="deleted-title">
      <h2 id="deleted-title" className={styles.subtitle}>
        Deleted, kept for a month
      </h2>
      <ul className={styles.list}>
        {records.map(({ key, name, deletedAt }) => (
          <li key={key} className={styles.deleted}>
            <span>
              {name}
              <span className={styles.about}>
                {' '}
                · deleted <span className="figure">{deletedAt.slice(0, 16).replace('T', ' ')}</span>
              </span>
            </span>
            <span>
              <Button size="small" onClick={() => onPutBack(key)} aria-label={`Put ${name} back`}>
                Put back
              </Button>
              <Button
                size="small"
                color="error"
                onClick={() => onForget(key)}
                aria-label={`Delete ${name} for good`}
              >
                Delete for good
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
