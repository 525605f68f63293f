import { columnHeads } from '../../core/desk/loom/column-heads';
import type { LoomLayout } from '../../core/desk/loom/loom-layout';
import { useCheck } from '../state/use-check';
import { LoomHeads, viewBoxWithHeads } from './LoomHeads';
import { LoomLead } from './LoomLead';
import { LoomNode } from './LoomNode';

/** The wiring picture as it stands, to be looked at or printed, with nothing to press. */
export function LoomDrawing({ layout, className }: { layout: LoomLayout; className: string }) {
  const heads = columnHeads(useCheck());
  return (
    <svg
      className={className}
      viewBox={viewBoxWithHeads(layout, heads)}
      role="img"
      aria-label="Wiring picture; the tables below say the same in words"
    >
      <LoomHeads heads={heads} nodes={layout.nodes} />
      {layout.leads.map((lead) => (
        <LoomLead key={lead.id} lead={lead} isLit={false} isDim={false} />
      ))}
      {layout.nodes.map((node) => (
        <LoomNode key={node.id} node={node} isLit={false} isDim={false} />
      ))}
    </svg>
  );
}
