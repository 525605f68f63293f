import { leadRows } from '../../core/loom/lead-rows';
import { useCheck } from '../state/use-check';
import styles from './TracedLine.module.css';

/** The traced lead, or part, in words. */
export function TracedLine({ leadId, nodeId }: { leadId: string | undefined; nodeId: string | undefined }) {
  const { context } = useCheck();
  return (
    <p className={styles.line} aria-live="polite">
      {leadId === undefined && nodeId === undefined ? (
        <span className={styles.hint}>Tap a part or a lead to follow it.</span>
      ) : (
        words()
      )}
    </p>
  );

  function words() {
    if (nodeId !== undefined && context.index.has(nodeId)) {
      const { fitting, part } = context.index.get(nodeId);
      return `${fitting.name}: ${part.name}${part.maker ? `, ${part.maker}` : ''}; ${context.index.leadsOf(nodeId).length} leads.`;
    }
    const row = leadRows(context).find((one) => one.id === leadId);
    return row && `${row.from} → ${row.to}: ${row.conductors.join(', ')}; ${row.plugs}.`;
  }
}
