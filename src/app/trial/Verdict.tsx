import { verdictOf } from '../../core/desk/trial/verdict';
import type { TrialResult } from '../../core/desk/trial/trial-result';
import { Explained } from '../help/Explained';
import { trialRows } from './trial-rows';
import styles from './Verdict.module.css';

interface VerdictProps {
  result: TrialResult;
  isStale: boolean;
  /** Another variant of the build on the same outing. */
  other: { name: string; result: TrialResult } | undefined;
}

/** The one thing an outing says, and the numbers that decide it; beside them those of another variant. */
export function Verdict({ result, isStale, other }: VerdictProps) {
  const { words, tone } = verdictOf(result);
  const others = other && trialRows(other.result);
  return (
    <div className={styles.verdict} data-stale={isStale} role="status">
      <p className={styles.words} data-tone={tone}>
        <Explained text={words} />
      </p>
      <dl className={styles.figures}>
        {trialRows(result).map(({ name, value, note, isBad = false }, n) => (
          <div key={name} className={styles.figure} data-bad={isBad}>
            <dt>{name}</dt>
            <dd className="figure">{value}</dd>
            <dd className={styles.note}>{note}</dd>
            {others && <dd className={styles.other}>{others[n]!.value}</dd>}
          </div>
        ))}
      </dl>
      {other && (
        <p className={styles.otherWords}>
          <svg width={26} height={8} aria-hidden>
            <line x1={0} x2={26} y1={4} y2={4} />
          </svg>
          <b>{other.name}</b>: <Explained text={verdictOf(other.result).words} />
        </p>
      )}
    </div>
  );
}
