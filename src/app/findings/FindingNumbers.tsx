import type { Finding, Settling } from '../../core/judgement/findings/finding';
import { capital } from '../../core/base/words/sentences';
import { severityNames } from '../../core/judgement/findings/severity';
import { rangeOf, valueWords } from '../../core/model/kinds/figure-names';
import { headWords } from '../../core/judgement/findings/finding-words';
import { useSettings } from '../state/settings-store';
import styles from './FindingNumbers.module.css';

/** Severity, and the two numbers that decide. */
export function FindingNumbers({ finding }: { finding: Finding }) {
  const { head, beyond } = headWords(
    finding,
    useSettings((state) => state.units),
  );
  return (
    <p className={styles.numbers}>
      <span className={styles.severity} data-severity={finding.severity}>
        {capital(severityNames[finding.severity])}
      </span>
      {finding.open?.settles ? (
        <RangeNumbers settling={finding.open.settles} />
      ) : (
        <span>
          <strong>{head.replaceAll(/(\d) /g, '$1\u00a0')}</strong>
          {beyond && <span className={styles.beyond}> {beyond}</span>}
        </span>
      )}
    </p>
  );
}

/** What an open verdict hangs on: the range of its figure, and where it tips. */
function RangeNumbers({ settling: { name, low, high, worse, tips } }: { settling: Settling }) {
  return (
    <span>
      <strong>
        {rangeOf(name, low, high)}, fine {worse === 'high' ? 'up to' : 'from'} {valueWords(name, tips)}
      </strong>
    </span>
  );
}
