import { leastFolded, type LoomGroup } from './loom-groups';
import { loomSizes, portHeight, type LoomModel, type LoomNode, type LoomPort } from './loom-model';

/** Room beside and between the labels of both sides. */
const betweenLabels = 40;
/** How the id of a folded box begins; that of its group follows. */
const prefix = 'folded:';

/** Id of the group that a box stands for; `undefined` for a part that stands for itself. */
export const foldedGroup = (nodeId: string): string | undefined =>
  nodeId.startsWith(prefix) ? nodeId.slice(prefix.length) : undefined;

/**
 * The same wiring with groups drawn as one box each: a row for every plug that leads out of it. A part that is in two
 * groups lies in the first; leads inside a box are not drawn.
 */
export function foldGroups(model: LoomModel, groups: readonly LoomGroup[]): LoomModel {
  const boxOf = new Map<string, string>();
  const folds = groups.flatMap((group) => {
    const parts = model.nodes.filter(({ id }) => group.parts.includes(id) && !boxOf.has(id));
    if (parts.length < leastFolded) return [];
    for (const { id } of parts) boxOf.set(id, `${prefix}${group.id}`);
    return [{ group, parts }];
  });
  const end = ({ node, port }: { node: string; port: string }) => {
    const box = boxOf.get(node);
    return box === undefined ? { node, port } : { node: box, port: rowId(node, port) };
  };
  return {
    nodes: [
      ...model.nodes.filter(({ id }) => !boxOf.has(id)),
      ...folds.map(({ group, parts }) => folded(group, parts, innerPorts(model, boxOf))),
    ],
    leads: model.leads
      .filter(({ source, target }) => {
        const box = boxOf.get(source.node);
        return box === undefined || box !== boxOf.get(target.node);
      })
      .map((lead) => ({ ...lead, source: end(lead.source), target: end(lead.target) })),
  };
}

const rowId = (node: string, port: string): string => `${node}/${port}`;

/** Rows of the ports whose leads stay inside a box. */
const innerPorts = ({ leads }: LoomModel, boxOf: ReadonlyMap<string, string>): ReadonlySet<string> =>
  new Set(
    leads
      .filter(({ source, target }) => boxOf.get(source.node) === boxOf.get(target.node))
      .flatMap(({ source, target }) => [rowId(source.node, source.port), rowId(target.node, target.port)]),
  );

function folded(group: LoomGroup, parts: readonly LoomNode[], inner: ReadonlySet<string>): LoomNode {
  const { titleHeight, padding, portGap, titlePitch, linePitch, textRoom } = loomSizes;
  const ports = parts.flatMap((part) =>
    part.ports
      .map((port): LoomPort => ({
        ...port,
        id: rowId(part.id, port.id),
        label: part.ports.length === 1 ? part.title : `${part.title}, ${port.label}`,
        stands: { fitting: part.id, port: port.id },
      }))
      .filter(({ id }) => !inner.has(id)),
  );
  const stack = (side: LoomPort['side']) =>
    ports.filter((port) => port.side === side).reduce((sum, port) => sum + portHeight(port) + portGap, 0);
  const longest = (side: LoomPort['side']) =>
    Math.max(0, ...ports.filter((port) => port.side === side).map(({ label }) => label.length));
  const isServed = parts.every(({ column }) => column === 'served');
  return {
    id: `${prefix}${group.id}`,
    title: group.name,
    parts: parts.map(({ id }) => id),
    lines: [],
    column: isServed ? 'served' : (parts.find(({ column }) => column !== 'inline')?.column ?? 'inline'),
    ports,
    width: Math.max(
      group.name.length * titlePitch + textRoom,
      (longest('left') + longest('right')) * linePitch + betweenLabels,
    ),
    height: titleHeight + 2 * padding + Math.max(stack('left'), stack('right')),
    keepsOrder: true,
  };
}
