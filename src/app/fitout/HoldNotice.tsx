import { Link, useLocation } from 'react-router';
import type { HeldBy } from '../../core/procedure/step-states';
import styles from './HoldNotice.module.css';

/** Why a step cannot be done yet, and the way to what holds it. */
export function HoldNotice({ heldBy }: { heldBy: HeldBy }) {
  const { pathname } = useLocation();
  if (heldBy.by === 'step') {
    return (
      <div className={styles.notice} role="note">
        <strong>Held.</strong> First:{' '}
        <Link to={{ pathname, search: new URLSearchParams({ step: heldBy.step.id }).toString() }}>
          {heldBy.step.title}
        </Link>
        .
      </div>
    );
  }
  const [first] = heldBy.findings;
  const count = heldBy.findings.length;
  return (
    <div className={styles.notice} role="note">
      <strong>Held: no power while {count === 1 ? 'a stop is' : `${count} stops are`} open.</strong>{' '}
      {first && (
        <Link
          to={{
            pathname,
            search: new URLSearchParams({ well: first.well, finding: first.id }).toString(),
          }}
        >
          {first.text}
        </Link>
      )}
    </div>
  );
}
