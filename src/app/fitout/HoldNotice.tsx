import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import type { HeldBy } from '../../core/bench/procedure/held-by';
import { AnywayDialog } from './AnywayDialog';
import styles from './HoldNotice.module.css';

interface HoldNoticeProps {
  heldBy: HeldBy;
  /** Why the person does it all the same. */
  reason?: string | undefined;
  /** Where it can be done all the same: for a reason. */
  onAnyway?: (reason: string) => void;
}

/** Why a step cannot be done yet, and the way to what holds it; or why it is done all the same. */
export function HoldNotice({ heldBy, reason, onAnyway }: HoldNoticeProps) {
  const [isAsked, setAsked] = useState(false);
  return (
    <div className={styles.notice} role="note">
      <What heldBy={heldBy} />
      {reason !== undefined ? (
        <p className={styles.reason}>You do it anyway: “{reason}”. It is kept with the step.</p>
      ) : (
        onAnyway && (
          <Button size="small" color="inherit" onClick={() => setAsked(true)}>
            Do it anyway
          </Button>
        )
      )}
      {isAsked && onAnyway && (
        <AnywayDialog
          onClose={() => setAsked(false)}
          onReason={(typed) => {
            setAsked(false);
            onAnyway(typed);
          }}
        />
      )}
    </div>
  );
}

function What({ heldBy }: { heldBy: HeldBy }) {
  const { pathname } = useLocation();
  if (heldBy.by === 'step')
    return (
      <p>
        <strong>Held.</strong> First:{' '}
        <Link to={{ pathname, search: new URLSearchParams({ step: heldBy.step.id }).toString() }}>
          {heldBy.step.title}
        </Link>
        .
      </p>
    );
  const [first] = heldBy.findings;
  const count = heldBy.findings.length;
  return (
    <p>
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
    </p>
  );
}
