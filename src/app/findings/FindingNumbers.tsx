import type { Finding, Settling } from '../../core/judgement/findings/finding';
import type { Severity } from '../../core/judgement/findings/severity';
import { rangeOf, valueWords } from '../../core/model/kinds/figure-names';
import { numberWords } from '../../core/judgement/findings/finding-words';
import { useSettings } from '../state/settings-store';
import styles from './FindingNumbers.module.css';

const severityWords: Record<Severity, string> = { stop: 'Stop', mind: 'Mind', open: 'Open', note: 'Note' };

/** Severity, and the two numbers that decide. */
export function FindingNumbers({ finding }: { finding: Finding }) {
  const { actual, bound, limit, beyond } = numberWords(
    finding,
    useSettings((state) => state.units),
  );
  return (
    <p className={styles.numbers}>
      <span className={styles.severity} data-severity={finding.severity}>
        {severityWords[finding.severity]}
      </span>
      {finding.open?.settles ? (
        <RangeNumbers settling={finding.open.settles} />
      ) : (
        <span className="figure">
          <strong>{actual}</strong> <span className={styles.bound}>{bound}</span> <strong>{limit}</strong>
          {beyond && <span className={styles.beyond}> {beyond}</span>}
        </span>
      )}
    </p>
  );
}

/** What an open verdict hangs on: the range of its figure, and where it tips. */
function RangeNumbers({ settling: { name, low, high, worse, tips } }: { settling: Settling }) {
  return (
    <span className="figure">
      <strong>{rangeOf(name, low, high)}</strong>{' '}
      <span className={styles.bound}>{worse === 'high' ? 'may be' : 'needs'}</span>{' '}
      <strong>{valueWords(name, tips)}</strong>
    </span>
  );
}
