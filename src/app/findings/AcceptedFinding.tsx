import Button from '@mui/material/Button';
import type { Finding } from '../../core/judgement/findings/finding';
import { useBuildStore } from '../state/build-store';
import { FindingNumbers } from './FindingNumbers';
import styles from './FindingCard.module.css';

/** A finding that is still true and lived with. */
export function AcceptedFinding({ finding }: { finding: Finding }) {
  const apply = useBuildStore((state) => state.apply);
  return (
    <article className={styles.card} data-open="false">
      <FindingNumbers finding={finding} />
      <h4 className={styles.text}>{finding.text}</h4>
      {finding.reason && <p className={styles.why}>Accepted: {finding.reason}</p>}
      <div className={styles.links}>
        <Button
          size="small"
          onClick={() =>
            apply(`open again: ${finding.text}`, [{ type: 'withdrawAcceptance', finding: finding.id }])
          }
        >
          Reopen
        </Button>
      </div>
    </article>
  );
}
