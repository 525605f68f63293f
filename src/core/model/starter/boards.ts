import { channelNet } from '../parts/channel-port';
import { placeComponent } from '../board/place-component';
import { streamNet } from '../board/nets';
import { addServoRow, addStream, withTrace } from '../board/rows';
import type { BoardSpec, ComponentSpec } from '../kinds/board/board';
import { stated } from '../../base/validation/figure';

const maker = 'Oakum & Pitch';

const empty = (id: string, name: string, more: Partial<BoardSpec> = {}): BoardSpec => ({
  id,
  kind: 'board',
  name,
  maker,
  protection: 'open',
  ports: [],
  components: [],
  ...more,
});

const put = (board: BoardSpec, id: string, name: string, part: ComponentSpec): BoardSpec =>
  withKnownPlugs(placeComponent(board, { id, name, part }));

/** The board with the usual plugs as its own. */
const withKnownPlugs = (board: BoardSpec): BoardSpec => ({
  ...board,
  ports: board.ports.map(({ connector: { family, gender }, ...port }) => ({
    ...port,
    connector: { family, gender },
  })),
});

/** The board with other words for some of its rows, and what each may give. */
function rowed(board: BoardSpec, rows: Record<string, { name?: string; maxAmps?: number }>): BoardSpec {
  return {
    ...board,
    ports: board.ports.map((port) => {
      const { name = port.name, maxAmps } = rows[port.id] ?? {};
      return { ...port, name, ...(maxAmps !== undefined && { maxAmps: stated(maxAmps) }) };
    }),
  };
}

/** The board without rows that its components have no need of, as their channel comes another way. */
function without(board: BoardSpec, gone: readonly string[]): BoardSpec {
  return {
    ...board,
    ports: board.ports.filter(({ id }) => !gone.includes(id)),
    components: board.components.map((each) => ({
      ...each,
      rows: each.rows.filter((row) => !gone.includes(row)),
    })),
  };
}

const brushed = (id: string, amps: number, volts: [number, number], bec?: number): ComponentSpec => ({
  id,
  kind: 'controller',
  name: 'controller',
  ports: [],
  drives: 'brushed',
  minInputVolts: stated(volts[0]),
  maxInputVolts: stated(volts[1]),
  continuousAmps: stated(amps),
  modes: ['reverse', 'dragBrake'],
  cutoffModes: ['LiPo', 'NiMH'],
  armsAt: 'centre',
  ...(bec !== undefined && {
    regulator: { type: 'switching', voltsChoices: [6], maxAmps: stated(bec), dropoutVolts: stated(0.5) },
  }),
});

const output = (id: string): ComponentSpec => ({
  id,
  kind: 'electronicSwitch',
  name: 'output',
  ports: [],
  minVolts: stated(4.5),
  maxVolts: stated(8.4),
  maxFeedVolts: stated(8.4),
  amps: stated(0.02),
});

/** Receiver, controller and BEC of a ready-made model: sockets for what it does not do itself. */
function receiverController(
  id: string,
  name: string,
  channels: number,
  { amps, bec, link }: { amps: number; bec: number; link: string },
): BoardSpec {
  let board = put(empty(id, name, { maker: 'Quillet', protection: 'coated' }), 'receiver', 'receiver', {
    id: 'receiver',
    kind: 'receiver',
    name: 'receiver',
    ports: [],
    protocols: [link],
    channels,
    throttleChannel: 2,
    minVolts: stated(4),
    maxVolts: stated(8.4),
    amps: stated(0.08),
  });
  board = put(board, 'controller', 'controller', brushed('controller', amps, [6, 12.6], bec));
  board = without(board, ['in']);
  for (const own of ['receiver', 'controller'] as const)
    board = withTrace(board, own, own === 'receiver' ? channelNet(2) : 'signal', channelNet(2));
  for (let channel = 1; channel <= channels; channel += 1) board = addServoRow(board);
  // The throttle stays inside: it has no socket.
  const throttle = board.ports.find((port) => port.channel === 2)!;
  return without(board, [throttle.id]);
}

function lightBoard(): BoardSpec {
  let board = empty('board-lights-2', 'light board on two channels, three outputs', { maxAmps: stated(1) });
  for (const [id, name] of [
    ['brake', 'brake lamps'],
    ['head', 'headlamps'],
    ['beacon', 'beacon'],
  ] as const)
    board = put(board, id, name, output(id));
  board = withTrace(without(board, ['in-3']), 'beacon', 'signal', 'head in');
  return rowed(board, {
    in: { name: 'throttle channel' },
    'in-2': { name: 'lights channel' },
    out: { name: 'brake lamps', maxAmps: 0.5 },
    'out-2': { name: 'headlamps', maxAmps: 0.5 },
    'out-3': { name: 'beacon', maxAmps: 0.5 },
  });
}

function channelSwitch(): BoardSpec {
  let board = empty('board-switch-2', 'channel switch with two outputs', { maxAmps: stated(4) });
  board = put(board, 'output', 'first output', output('output'));
  board = put(board, 'output-2', 'second output', output('output-2'));
  board = withTrace(without(board, ['in-2']), 'output-2', 'signal', 'output in');
  return rowed(board, {
    in: { name: 'receiver lead' },
    out: { maxAmps: 2 },
    'out-2': { maxAmps: 2 },
  });
}

/** Two tracks and their sound on one board, told all by one wire. */
function soundAndDrive(): BoardSpec {
  let board = empty('board-sound-drive', 'sound and drive board, all channels on one wire');
  board = put(board, 'left', 'left track', brushed('left', 10, [6, 12.6], 2));
  board = put(board, 'right', 'right track', brushed('right', 10, [6, 12.6]));
  board = put(board, 'sound', 'sound', {
    id: 'sound',
    kind: 'load',
    name: 'sound',
    ports: [],
    form: 'sound',
    minVolts: stated(4.5),
    maxVolts: stated(6.5),
    amps: stated(0.4),
  });
  board = addStream(without(board, ['in', 'in-2']), 'in', 8);
  board = withTrace(withTrace(board, 'left', 'signal', streamNet(1)), 'right', 'signal', streamNet(2));
  return rowed(board, { motor: { name: 'left motor' }, 'motor-2': { name: 'right motor' } });
}

const converter = (): BoardSpec =>
  addStream(
    put(empty('board-converter-6', 'converter, six channels onto one wire'), 'converter', 'converter', {
      id: 'converter',
      kind: 'load',
      name: 'converter',
      ports: [],
      form: 'electronics',
      minVolts: stated(4),
      maxVolts: stated(8.4),
      amps: stated(0.03),
    }),
    'out',
    6,
  );

export const boards: BoardSpec[] = [
  receiverController('board-receiver-6', 'receiver and controller on one board, 6 channels', 6, {
    amps: 25,
    bec: 4,
    link: 'holm link',
  }),
  receiverController('board-receiver-3', 'receiver and controller on one board, 3 channels', 3, {
    amps: 12,
    bec: 2,
    link: 'toy link',
  }),
  lightBoard(),
  channelSwitch(),
  soundAndDrive(),
  converter(),
];
