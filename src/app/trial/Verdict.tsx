import { verdictOf } from '../../core/trial/verdict';
import type { TrialResult } from '../../core/trial/trial-result';
import { formatQuantity } from '../../core/quantity/format';
import styles from './Verdict.module.css';

/** The one thing an outing says, and the numbers that decide it. */
export function Verdict({ result, isStale }: { result: TrialResult; isStale: boolean }) {
  const { figures } = result;
  const { words, isGood } = verdictOf(result);
  return (
    <div className={styles.verdict} data-stale={isStale} role="status">
      <p className={styles.words} data-good={isGood}>
        {words}
      </p>
      <dl className={styles.figures}>
        <Figure
          name="lowest at the receiver"
          value={`${figures.railMinVolts.toFixed(2)} V`}
          note={`floor ${formatQuantity(figures.floorVolts, 'V')}`}
          isBad={figures.railMinVolts < figures.floorVolts}
        />
        <Figure
          name="most from the packs"
          value={formatQuantity(figures.mostPackAmps, 'A')}
          note={`mean ${formatQuantity(figures.meanPackAmps, 'A')}`}
        />
        <Figure
          name="run time at this use"
          value={Number.isFinite(figures.runMinutes) ? formatQuantity(figures.runMinutes, 'min') : 'not told'}
          note={`${(100 * figures.chargeUsed).toFixed(1)} % used`}
        />
        <Figure
          name="hottest part"
          value={formatQuantity(figures.hottestCelsius, '°C')}
          note={Number.isFinite(figures.heatMargin) ? `${figures.heatMargin.toFixed(0)} K to spare` : ''}
          isBad={figures.heatMargin < 0}
        />
      </dl>
    </div>
  );
}

interface FigureProps {
  name: string;
  value: string;
  note: string;
  isBad?: boolean;
}

function Figure({ name, value, note, isBad = false }: FigureProps) {
  return (
    <div className={styles.figure} data-bad={isBad}>
      <dt>{name}</dt>
      <dd className="figure">{value}</dd>
      <dd className={styles.note}>{note}</dd>
    </div>
  );
}
