import type { LoomModel, LoomNode } from './loom-model';
import { loomSizes, portHeight } from './loom-model';

/** Fewest parts that are worth folding into one box. */
const leastFolded = 2;
/** How the id of a folded box begins; what it hangs on follows. */
const prefix = 'folded:';

export const isFolded = (nodeId: string): boolean => nodeId.startsWith(prefix);

/**
 * The same wiring with what hangs on one part folded into one box: a row of plugs for each servo or lamp, named, instead
 * of a box for each. Parts with more than one plug stay as they are.
 */
export function foldServed(model: LoomModel): LoomModel {
  const leadOf = new Map(model.leads.map((lead) => [lead.target.node, lead]));
  const groups = new Map<string, LoomNode[]>();
  for (const node of model.nodes) {
    const lead = leadOf.get(node.id);
    if (node.column !== 'served' || node.ports.length !== 1 || !lead) continue;
    const holder = lead.source.node;
    groups.set(holder, [...(groups.get(holder) ?? []), node]);
  }
  const folds = [...groups].filter(([, parts]) => parts.length >= leastFolded);
  const boxOf = new Map(
    folds.flatMap(([holder, parts]) => parts.map(({ id }) => [id, `${prefix}${holder}`])),
  );
  const titles = new Map(model.nodes.map(({ id, title }) => [id, title]));
  return {
    nodes: [
      ...model.nodes.filter(({ id }) => !boxOf.has(id)),
      ...folds.map(([holder, parts]) => folded(holder, titles.get(holder) ?? holder, parts)),
    ],
    leads: model.leads.map((lead) => {
      const box = boxOf.get(lead.target.node);
      return box ? { ...lead, target: { node: box, port: lead.target.node } } : lead;
    }),
  };
}

function folded(holder: string, title: string, parts: readonly LoomNode[]): LoomNode {
  const { titleHeight, padding, portGap, titlePitch, linePitch, textRoom } = loomSizes;
  const ports = parts.map((part) => ({
    ...part.ports[0]!,
    id: part.id,
    label: part.title,
    side: 'left' as const,
  }));
  const head = `On the ${title.charAt(0).toLowerCase()}${title.slice(1)}`;
  const longest = Math.max(head.length * titlePitch, ...ports.map(({ label }) => label.length * linePitch));
  return {
    id: `${prefix}${holder}`,
    title: head,
    lines: [],
    column: 'served',
    ports,
    width: longest + textRoom,
    height: titleHeight + 2 * padding + ports.reduce((sum, port) => sum + portHeight(port) + portGap, 0),
    keepsOrder: true,
  };
}
