import { burning, verdictOf, verdictUnder } from '../../core/desk/trial/verdict';
import type { Build } from '../../core/model/plan/build';
import { checkOf } from '../state/use-check';
import type { ToleranceResult } from '../../core/desk/trial/tolerance';
import type { TrialResult } from '../../core/desk/trial/trial-result';
import { Explained } from '../help/Explained';
import { trialRows } from '../../core/desk/trial/trial-rows';
import styles from './Verdict.module.css';

interface VerdictProps {
  build: Build;
  result: TrialResult;
  isStale: boolean;
  /** What runs with the estimates varied came to, once they are done. */
  spread: ToleranceResult | undefined;
  /** Another variant of the build on the same outing. */
  other: { name: string; build: Build; result: TrialResult } | undefined;
}

/** The one thing an outing says, and the numbers that decide it; beside them those of another variant. */
export function Verdict({ build, result, isStale, spread, other }: VerdictProps) {
  const { words, tone } = verdictUnder(burning(checkOf(build).findings), verdictOf(result, spread));
  const others = other && trialRows(other.result);
  return (
    <div className={styles.verdict} data-stale={isStale} role="status">
      <p className={styles.words} data-tone={tone}>
        <Explained text={words} />
      </p>
      <dl className={styles.figures}>
        {trialRows(result, spread).map(({ name, value, note, isBad = false }) => (
          <div key={name} className={styles.figure} data-bad={isBad}>
            <dt>{name}</dt>
            <dd className="figure">{value}</dd>
            <dd className={styles.note}>{note}</dd>
            {others && (
              <dd className={styles.other}>{others.find((each) => each.name === name)?.value ?? '–'}</dd>
            )}
          </div>
        ))}
      </dl>
      {other && (
        <p className={styles.otherWords}>
          <svg width={26} height={8} aria-hidden>
            <line x1={0} x2={26} y1={4} y2={4} />
          </svg>
          <b>{other.name}</b>:{' '}
          <Explained
            text={verdictUnder(burning(checkOf(other.build).findings), verdictOf(other.result)).words}
          />
        </p>
      )}
    </div>
  );
}
