import type { Finding } from '../../core/judgement/findings/finding';
import { formatQuantity } from '../../core/base/quantity/format';
import { useSettings } from '../state/settings-store';
import styles from './Working.module.css';

/** How a verdict was worked out: the sum in words, and each number with where it comes from. */
export function Working({ finding }: { finding: Finding }) {
  const units = useSettings((state) => state.units);
  return (
    <div className={styles.working}>
      <p>{finding.formula}</p>
      <table className={styles.table}>
        <caption className="visually-hidden">Numbers in the sum</caption>
        <tbody>
          {finding.terms.map((term, n) => (
            <tr key={`${term.name} ${n}`}>
              <th scope="row">
                {term.name}
                {term.note && <span className={styles.note}>{term.note}</span>}
              </th>
              <td className="figure">{formatQuantity(term.value, term.unit, units)}</td>
              <td className={styles.provenance}>{term.provenance}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
