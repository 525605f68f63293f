import { memo } from 'react';
import type { PlacedLead } from '../../core/desk/loom/loom-layout';
import { isJoined } from '../../core/model/plan/lead';
import { wireColourValues } from '../theme/tokens';
import styles from './LoomLead.module.css';

interface LoomLeadProps {
  lead: PlacedLead;
  isLit: boolean;
  isDim: boolean;
  /** Without it the lead is only drawn. */
  onFollow?: (id: string) => void;
}

/** One lead: its wires side by side, each with a casing that keeps it apart from any ground. */
export const LoomLead = memo(function LoomLead({ lead, isLit, isDim, onFollow }: LoomLeadProps) {
  const middle = lead.route.map(({ x, y }) => `${x},${y}`).join(' ');
  return (
    // The table and the parts give the keyboard the same leads; a click here is the short way for a pointer.
    <g
      className={styles.lead}
      data-lit={isLit}
      data-dim={isDim}
      data-lead={lead.id}
      {...(onFollow && { onClick: () => onFollow(lead.id) })}
      aria-hidden
    >
      <polyline points={middle} className={styles.reach} />
      {isLit && <polyline points={middle} className={styles.glow} />}
      {lead.wires.map(({ path, colour, state, sourcePin }) => (
        <g key={sourcePin} data-wire={colour} data-state={state}>
          {isJoined({ state }) && <path d={path} className={styles.casing} />}
          <path d={path} className={styles.wire} stroke={wireColourValues[colour]} data-state={state} />
        </g>
      ))}
    </g>
  );
});
