import Button from '@mui/material/Button';
import { counted } from '../../core/base/words/sentences';
import type { Deleted } from '../../storage/build-repository';
import styles from './BuildsScreen.module.css';

interface DeletedBuildsProps {
  records: readonly Deleted[];
  onPutBack: (key: string) => void;
  onForget: (key: string) => void;
}

/** Builds that were deleted within the last month of use, and how long they wait. */
export function DeletedBuilds({ records, onPutBack, onForget }: DeletedBuildsProps) {
  return (
    <section aria-labelledby="deleted-title">
      <h2 id="deleted-title" className={styles.subtitle}>
        Deleted, kept for a month
      </h2>
      <ul className={styles.list}>
        {records.map(({ key, name, deletedAt, daysLeft }) => (
          <li key={key} className={styles.deleted}>
            <span>
              {name}
              <span className={styles.about}>
                {' '}
                · deleted <span className="figure">{deletedAt.slice(0, 16).replace('T', ' ')}</span>, kept for{' '}
                {daysLeft === 0 ? 'today only' : `${counted(daysLeft, 'more day')} of use`}
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
