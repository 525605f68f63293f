import type { BoardSpec, ComponentKind, ComponentSpec, Trace } from '../kinds/board/board';
import { threePins } from '../parts/channel-port';
import type { PortSpec } from '../parts/port';
import { motorNets } from '../parts/terminals';
import { rowNet, sharedNets } from './nets';
import { freeId, motorRow, powerRow } from './rows';

const { raw, rail, ground } = sharedNets;

/** How the nets of each kind lie on the nets of the board when it is put there. */
function usualTraces(kind: ComponentKind, id: string): Trace[] {
  const traces: Record<ComponentKind, Record<string, string>> = {
    receiver: { rail, ground },
    controller: {
      'power+': raw,
      ground,
      'bec+': rail,
      signal: rowNet(id),
      ...Object.fromEntries(motorNets.map((net) => [net, `${id} ${net}`])),
    },
    electronicSwitch: { 'logic+': rail, 'feed+': rail, ground, signal: rowNet(id) },
    bec: { 'power+': raw, 'bec+': rail, ground },
    load: { plus: rail, minus: ground },
  };
  return Object.entries(traces[kind]).map(([own, net]) => ({ own, net }));
}

/** The rows that a component brings: where power comes in, its motor, its output, the lead of its own channel. */
function usualRows(board: BoardSpec, kind: ComponentKind, id: string): PortSpec[] {
  const isPowered = board.ports.some((port) => port.use === 'power' && port.flow === 'in');
  const power = isPowered ? [] : [powerRow(board)];
  if (kind === 'controller')
    return [...power, motorRow(board, id, 'brushed'), inputRow(board, id, 'throttle')];
  if (kind === 'bec') return power;
  if (kind !== 'electronicSwitch') return [];
  return [outputRow(board), inputRow(board, id, `channel of output ${outputs(board) + 1}`)];
}

const outputs = (board: BoardSpec): number =>
  board.components.filter(({ part }) => part.kind === 'electronicSwitch').length;

function outputRow(board: BoardSpec): PortSpec {
  return {
    id: freeId(board, 'out'),
    name: `output ${outputs(board) + 1}`,
    use: 'power',
    flow: 'out',
    connector: { family: 'box-25', gender: 'socket', isAssumed: true },
    pins: [
      { name: 'plus', net: rail },
      { name: 'minus', net: ground },
    ],
  };
}

/** A row that brings a component its channel from a receiver elsewhere. */
export function inputRow(board: BoardSpec, component: string, name: string): PortSpec {
  return {
    id: freeId(board, 'in'),
    name,
    use: 'servo',
    flow: 'in',
    connector: { family: 'servo-3-flat', gender: 'socket' },
    pins: threePins(rowNet(component), rail, ground),
  };
}

/** The board with one more component of a sheet, and the rows that it wants; its channel comes on a row of its own. */
export function placeComponent(
  board: BoardSpec,
  { id, name, part }: { id: string; name: string; part: ComponentSpec },
): BoardSpec {
  const rows = usualRows(board, part.kind, id);
  const traces = usualTraces(part.kind, id);
  return {
    ...board,
    ports: [...board.ports, ...rows],
    components: [
      ...board.components,
      { id, name, part: { ...part, ports: [] }, traces, rows: rows.map((row) => row.id) },
    ],
  };
}
