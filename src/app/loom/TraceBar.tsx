import Button from '@mui/material/Button';
import { leadRows } from '../../core/desk/loom/lead-rows';
import { capital } from '../../core/base/words/sentences';
import { Explained } from '../help/Explained';
import { usePlugName } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { LeadTools } from './LeadTools';
import { MoveTools } from './MoveTools';
import { PartTools } from './PartTools';
import type { Trace } from './trace';
import styles from './TraceBar.module.css';

interface TraceBarProps {
  trace: Trace;
  onTrace: (trace: Trace) => void;
  /** In the picture: ids of the groups drawn as one box each. */
  folded: readonly string[] | undefined;
}

/** The part or lead being followed, in words, with what can be done to it. */
export function TraceBar({ trace, onTrace, folded }: TraceBarProps) {
  const { context } = useCheck();
  const plugName = usePlugName();
  const { index } = context;
  if (trace?.kind === 'part' && index.has(trace.id)) {
    const fitted = index.get(trace.id);
    const { fitting, part } = fitted;
    const leads = index.leadsOf(trace.id).length;
    const words = `${capital(fitting.name)}: ${part.name}${part.maker ? `, ${part.maker}` : ''}; ${leads === 1 ? '1 lead' : `${leads} leads`}.`;
    return (
      <div className={styles.bar}>
        <p aria-live="polite">
          <Explained text={words} />
        </p>
        <PartTools key={trace.id} fitted={fitted} onGone={() => onTrace(undefined)}>
          {folded && leads > 0 && <MoveTools id={trace.id} folded={folded} />}
        </PartTools>
      </div>
    );
  }
  if (trace?.kind === 'port' && index.has(trace.id))
    return (
      <div className={styles.bar}>
        <p aria-live="polite">
          {capital(index.portName({ fitting: trace.id, port: trace.port }))} waits: tap the port that it goes
          to. Outlined ports go together; dashed ones need an adapter or another plug.
        </p>
        <div className={styles.tools}>
          <Button size="small" onClick={() => onTrace(undefined)}>
            Cancel
          </Button>
        </div>
      </div>
    );
  const row =
    trace?.kind === 'lead'
      ? leadRows(context, plugName).find((leadRow) => leadRow.id === trace.id)
      : undefined;
  const lead = row && index.build.leads.find((candidate) => candidate.id === row.id);
  if (row && lead) {
    return (
      <div className={styles.bar}>
        <p aria-live="polite">
          {row.from} → {row.to}: {row.conductors.join(', ')}; {row.plugs}.
        </p>
        <LeadTools
          key={lead.id}
          lead={lead}
          onGone={() => onTrace(undefined)}
          onMove={({ fitting, port }) => onTrace({ kind: 'port', id: fitting, port })}
        />
      </div>
    );
  }
  return (
    <div className={styles.bar}>
      <p className={styles.hint}>
        Tap a part or a lead to follow it and to change it; a part that is followed can be dragged up or down.
        Drag from a port to where it goes, or tap one and then the other; drag a plug to move it.
      </p>
    </div>
  );
}
