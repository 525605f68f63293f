import type { Finding } from '../../core/bench/faults/finder';
import styles from './FaultFinder.module.css';

/** As many causes as a person weighs at once. */
const most = 7;

/** The likely causes of this very build, with how likely each is. */
export function FaultCauses({ ranking }: { ranking: Finding['ranking'] }) {
  const shown = ranking.slice(0, most);
  const rest = ranking.slice(most).reduce((sum, { probability }) => sum + probability, 0);
  return (
    <aside className={styles.causes} aria-label="Likely causes">
      <h3 className={styles.causesTitle}>
        Likely causes <span className="figure">of {ranking.length}</span>
      </h3>
      <ol className={styles.list}>
        {shown.map(({ fault, probability }) => (
          <li key={fault.id} className={styles.cause}>
            <span className={styles.label}>{fault.label}</span>
            <span className="figure">{percent(probability)}</span>
            <span className={styles.bar} data-bar aria-hidden>
              <span style={{ width: `${(100 * probability).toFixed(1)}%` }} />
            </span>
          </li>
        ))}
      </ol>
      {ranking.length > most && <p className={styles.rest}>All others together: {percent(rest)}</p>}
    </aside>
  );
}

const percent = (share: number): string => (share < 0.01 ? 'under 1 %' : `${Math.round(100 * share)} %`);
