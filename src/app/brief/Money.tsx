import { stageCosts } from '../../core/brief/cost';
import { useBuild } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import styles from './Side.module.css';

/** What is still to be bought, stage by stage, against the limit. */
export function Money() {
  const { brief } = useBuild();
  const { context } = useCheck();
  const items = useLocker((state) => state.items);
  const costs = stageCosts(context, items);
  if (costs.length === 0) return null;
  const unpriced = costs.flatMap((cost) => cost.unpriced);
  const now = costs[0]?.toBuy ?? 0;
  const limit = brief.moneyLimit;
  return (
    <section className={styles.section} aria-label="Money">
      <h2 className={styles.title}>Still to buy</h2>
      {costs.map((cost) => (
        <p key={cost.stage}>
          Stage {cost.stage}: <span className="figure">{cost.toBuy.toFixed(2)}</span>
        </p>
      ))}
      {limit !== undefined && (
        <p className={now > limit ? styles.over : undefined}>
          Stage 1 {now > limit ? 'is over' : 'leaves'}{' '}
          <span className="figure">{Math.abs(limit - now).toFixed(2)}</span> of{' '}
          <span className="figure">{limit.toFixed(2)}</span>
        </p>
      )}
      {unpriced.length > 0 && (
        <p className={styles.why}>
          {unpriced.length} {unpriced.length === 1 ? 'part has' : 'parts have'} no price; note it in the
          Locker, or mark it as owned.
        </p>
      )}
    </section>
  );
}
