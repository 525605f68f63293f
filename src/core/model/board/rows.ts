import type { BoardSpec, Component } from '../kinds/board/board';
import { channelNet, threePins } from '../parts/channel-port';
import { wireCount, type DrivenKinds } from '../kinds/controller/controller';
import type { PinName, PortSpec } from '../parts/port';
import { motorNets } from '../parts/terminals';
import { sharedNets, streamNet } from './nets';

/** Most rows that a board has room for. */
export const mostRows = 40;

const { raw, rail, ground } = sharedNets;

/** An id that no row of the board has yet: `in`, `in-2`, … */
export function freeId(board: BoardSpec, stem: string): string {
  const taken = new Set(board.ports.map(({ id }) => id));
  if (!taken.has(stem)) return stem;
  for (let n = 2; ; n += 1) if (!taken.has(`${stem}-${n}`)) return `${stem}-${n}`;
}

/** Where the pack's volts come in. */
export const powerRow = (board: BoardSpec): PortSpec => ({
  id: freeId(board, 'power'),
  name: 'power lead',
  use: 'power',
  flow: 'in',
  connector: { family: 'blade-t', gender: 'plug', isAssumed: true },
  pins: [
    { name: 'plus', net: raw },
    { name: 'minus', net: ground },
  ],
});

/** Where a controller's motor goes. */
export function motorRow(board: BoardSpec, component: string, drives: DrivenKinds): PortSpec {
  const names: readonly PinName[] = ['a', 'b', 'c'];
  return {
    id: freeId(board, 'motor'),
    name: 'motor wires',
    use: 'motor',
    flow: 'out',
    connector: { family: 'open', gender: 'none' },
    pins: names
      .slice(0, wireCount(drives))
      .map((name, n) => ({ name, net: `${component} ${motorNets[n]!}` })),
  };
}

const receiverOf = (board: BoardSpec): Component | undefined =>
  board.components.find(({ part }) => part.kind === 'receiver');

/** The board with a socket for a servo on the next channel of its receiver that has none; a board without one stays as it is. */
export function addServoRow(board: BoardSpec): BoardSpec {
  const receiver = receiverOf(board);
  if (receiver?.part.kind !== 'receiver' || board.ports.length >= mostRows) return board;
  const used = new Set(board.ports.map(({ channel }) => channel));
  const all = Array.from({ length: receiver.part.channels }, (_, n) => n + 1);
  const channel = all.find((each) => !used.has(each)) ?? 1;
  const id = freeId(board, 'servo');
  const row: PortSpec = {
    id,
    name: `socket ${channel}`,
    use: 'servo',
    flow: 'either',
    connector: { family: 'servo-3-flat', gender: 'plug' },
    pins: threePins(channelNet(channel), rail, ground),
    channel,
  };
  const withRow = {
    ...board,
    ports: [...board.ports, row],
    components: board.components.map((each) =>
      each === receiver ? { ...each, rows: [...each.rows, id] } : each,
    ),
  };
  return withTrace(withRow, receiver.id, channelNet(channel), channelNet(channel));
}

/** The board with a servo socket on another channel. */
export function moveServoRow(board: BoardSpec, id: string, channel: number): BoardSpec {
  const receiver = receiverOf(board);
  if (!receiver || !Number.isInteger(channel) || channel < 1 || channel > 32) return board;
  const moved = {
    ...board,
    ports: board.ports.map((port) =>
      port.id === id && port.channel !== undefined
        ? { ...port, channel, pins: threePins(channelNet(channel), rail, ground) }
        : port,
    ),
  };
  return withTrace(moved, receiver.id, channelNet(channel), channelNet(channel));
}

/** Whether a board has a wire for all channels that way; one each way is what there is room for. */
export const hasStream = ({ streams = [] }: BoardSpec, flow: 'in' | 'out'): boolean =>
  streams.some((stream) => stream.flow === flow);

/** The board with a row that takes, or gives, so many channels on one wire. */
export function addStream(board: BoardSpec, flow: 'in' | 'out', channels: number): BoardSpec {
  if (hasStream(board, flow) || board.ports.length + (flow === 'out' ? channels : 0) >= mostRows)
    return board;
  const id = freeId(board, 'serial');
  const net = `${id} wire`;
  const row: PortSpec = {
    id,
    name: flow === 'in' ? 'all channels in' : 'all channels out',
    use: 'serial',
    flow,
    connector: { family: 'servo-3-flat', gender: flow === 'in' ? 'socket' : 'plug' },
    pins: threePins(net, rail, ground),
  };
  const nets = Array.from({ length: channels }, (_, n) =>
    flow === 'in' ? streamNet(n + 1) : `out ${streamNet(n + 1)}`,
  );
  const inputs =
    flow === 'in'
      ? []
      : nets.map((own, n): PortSpec => ({
          id: freeId(board, `channel-${n + 1}`),
          name: `channel ${n + 1} in`,
          use: 'servo',
          flow: 'in',
          connector: { family: 'servo-3-flat', gender: 'socket' },
          pins: threePins(own, rail, ground),
        }));
  return {
    ...board,
    ports: [...board.ports, ...inputs, row],
    streams: [...(board.streams ?? []), { net, flow, channels: nets }],
  };
}

/** The board without a row; what carried a stream goes with it. */
export function removeRow(board: BoardSpec, id: string): BoardSpec {
  const gone = board.ports.find((port) => port.id === id);
  const nets = new Set(gone?.pins.map(({ net }) => net));
  const streams = (board.streams ?? []).filter(({ net }) => !(gone?.use === 'serial' && nets.has(net)));
  const { streams: _, ...rest } = board;
  return {
    ...rest,
    ports: board.ports.filter((port) => port !== gone),
    components: board.components.map((component) => ({
      ...component,
      rows: component.rows.filter((row) => row !== id),
    })),
    ...(streams.length > 0 && { streams }),
  };
}

/** The board with one net of a component led to a net of the board. */
export function withTrace(board: BoardSpec, component: string, own: string, net: string): BoardSpec {
  return {
    ...board,
    components: board.components.map((each) =>
      each.id === component
        ? { ...each, traces: [...each.traces.filter((trace) => trace.own !== own), { own, net }] }
        : each,
    ),
  };
}
