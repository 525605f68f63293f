import type { BoardSpec, Component } from '../kinds/board/board';
import { sheetChoice, type SheetChoice } from '../kinds/sheet-choice';
import { inputRow } from './place-component';
import { channelNet } from '../parts/channel-port';
import { channelOf, rowNet, sharedNets } from './nets';
import { withTrace } from './rows';

const ownRow = 'row';

/** How a component hangs on the others of its board: which channel works it, and what feeds its output. */
export function wiringChoices(board: BoardSpec, component: Component): SheetChoice[] {
  const netOf = (own: string) => component.traces.find((trace) => trace.own === own)?.net;
  const signal = netOf('signal');
  const feed = netOf('feed+');
  const receiver = board.components.find(({ part }) => part.kind === 'receiver');
  const stream = board.streams?.find(({ flow }) => flow === 'in');
  const channels = receiver?.part.kind === 'receiver' ? receiver.part.channels : 0;
  const heard = [
    { value: ownRow, text: 'a lead of its own' },
    ...board.components
      .filter((other) => other !== component && hasOwnRow(board, other))
      .map((other) => ({ value: rowNet(other.id), text: `the lead of the ${other.name}` })),
    ...numbered(channels, (n) => ({ value: channelNet(n), text: `channel ${n} of its receiver` })),
    ...(stream?.channels ?? []).map((net, n) => ({ value: net, text: `channel ${n + 1} of the one wire` })),
  ];
  return [
    ...(signal === undefined
      ? []
      : [
          sheetChoice(
            'listens',
            'Worked by',
            signal === rowNet(component.id) ? ownRow : signal,
            heard,
            (value) => listening(board, component, value),
          ),
        ]),
    ...(feed === undefined
      ? []
      : [
          sheetChoice(
            'feed',
            'Its output has',
            feed,
            [
              { value: sharedNets.rail, text: 'the volts of its channel lead or BEC' },
              { value: sharedNets.raw, text: 'the pack’s volts' },
            ],
            (value) => fedFrom(board, component, value),
          ),
        ]),
  ];
}

const hasOwnRow = ({ ports }: BoardSpec, { id }: Component): boolean =>
  ports.some((port) => port.pins.some(({ net }) => net === rowNet(id)));

const numbered = <T>(count: number, make: (n: number) => T): T[] =>
  Array.from({ length: count }, (_, n) => make(n + 1));

/** The board with a component that listens to a net of the board, or to a row of its own. */
function listening(board: BoardSpec, component: Component, value: string): BoardSpec {
  const own = rowNet(component.id);
  const row = board.ports.find((port) => port.pins.some(({ net }) => net === own));
  if (value !== ownRow) {
    const without = {
      ...board,
      ports: board.ports.filter((port) => port !== row),
      components: board.components.map((each) => ({
        ...each,
        rows: each.rows.filter((id) => id !== row?.id),
      })),
    };
    const receiver = board.components.find(({ part }) => part.kind === 'receiver');
    const led = withTrace(without, component.id, 'signal', value);
    return receiver && channelOf(value) ? withTrace(led, receiver.id, value, value) : led;
  }
  const added = row ? undefined : inputRow(board, component.id, `channel of the ${component.name}`);
  const withRow = added
    ? {
        ...board,
        ports: [...board.ports, added],
        components: board.components.map((each) =>
          each.id === component.id ? { ...each, rows: [...each.rows, added.id] } : each,
        ),
      }
    : board;
  return withTrace(withRow, component.id, 'signal', own);
}

/** The board with an output fed from another net, its row with it. */
function fedFrom(board: BoardSpec, component: Component, net: string): BoardSpec {
  const now = component.traces.find((trace) => trace.own === 'feed+')?.net;
  const rows = new Set(component.rows);
  const fed = {
    ...board,
    ports: board.ports.map((port) =>
      rows.has(port.id) && port.flow === 'out'
        ? { ...port, pins: port.pins.map((pin) => (pin.net === now ? { ...pin, net } : pin)) }
        : port,
    ),
  };
  return withTrace(fed, component.id, 'feed+', net);
}
