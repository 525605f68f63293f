import type { Finding } from '../../core/judgement/findings/finding';
import type { Severity } from '../../core/judgement/findings/severity';
import { numberWords } from '../../core/judgement/findings/finding-words';
import { useSettings } from '../state/settings-store';
import styles from './FindingNumbers.module.css';

const severityWords: Record<Severity, string> = { stop: 'Stop', mind: 'Mind', note: 'Note' };

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
      <span className="figure">
        <strong>{actual}</strong> <span className={styles.bound}>{bound}</span> <strong>{limit}</strong>
        {beyond && <span className={styles.beyond}> {beyond}</span>}
      </span>
    </p>
  );
}
