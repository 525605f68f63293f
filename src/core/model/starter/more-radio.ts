import { channelPort } from '../parts/channel-port';
import type { ReceiverSpec } from '../kinds/receiver/receiver';
import type { ControlKind, TransmitterSpec } from '../kinds/transmitter/transmitter';
import { stated } from '../../base/validation/figure';
import { batteryPort } from './ports';

type ReceiverRow = [
  channels: number,
  protocols: string[],
  throttleChannel: number,
  words: string,
  extra?: Partial<ReceiverSpec>,
];

const receiverRows: ReceiverRow[] = [
  [4, ['ness link'], 2, 'small'],
  [6, ['ness link'], 2, 'telemetry', { telemetry: ['rail volts', 'signal strength'] }],
  [7, ['skerry link'], 3, 'sealed', { protection: 'sealed' }],
  [9, ['holm link'], 2, 'telemetry', { telemetry: ['rail volts', 'pack volts', 'signal strength'] }],
  [12, ['skerry link', 'holm link'], 3, 'serial output', { serialOutput: true }],
  [16, ['holm link'], 2, 'serial output', { serialOutput: true }],
];

const grams = (channels: number) => 4 + 1.4 * channels;

export const moreReceivers: ReceiverSpec[] = receiverRows.map(
  ([channels, protocols, throttleChannel, words, extra]) => ({
    id: `receiver-${channels}-${protocols[0]!.split(' ')[0]}-${words.split(' ')[0]}`,
    kind: 'receiver',
    name: `receiver, ${channels} channels, ${protocols.map((link) => link.split(' ')[0]).join(' and ')} link${protocols.length > 1 ? 's' : ''}, ${words}`,
    maker: 'Sandling Radio',
    protocols,
    channels,
    throttleChannel,
    protection: 'coated',
    minVolts: stated(3.7),
    maxVolts: stated(8.4),
    amps: stated(0.08),
    kilograms: stated(Number((grams(channels) / 1000).toPrecision(2))),
    ports: [batteryPort(), ...Array.from({ length: channels }, (_, n) => channelPort(n + 1))],
    ...extra,
  }),
);

type ControlRow = [id: string, name: string, kind: ControlKind];

const sticks: ControlRow[] = [
  ['right-x', 'right stick, sideways', 'centring'],
  ['right-y', 'right stick, up and down', 'centring'],
  ['left-x', 'left stick, sideways', 'centring'],
];
const wheel: ControlRow[] = [
  ['wheel', 'steering wheel', 'centring'],
  ['trigger', 'throttle trigger', 'centring'],
];

function transmitter(
  id: string,
  name: string,
  protocols: string[],
  channels: number,
  controls: ControlRow[],
  extra: Partial<TransmitterSpec>,
): TransmitterSpec {
  return {
    id,
    kind: 'transmitter',
    name,
    maker: 'Sandling Radio',
    protocols,
    channels,
    endPointChannels: channels,
    controls: controls.map(([control, words, kind]) => ({ id: control, name: words, kind })),
    settings: ['reverse', 'sub-trim', 'end points', 'fail-safe'],
    ports: [],
    ...extra,
  };
}

export const moreTransmitters: TransmitterSpec[] = [
  transmitter(
    'transmitter-wheel-4',
    'wheel transmitter, 4 channels',
    ['skerry link'],
    4,
    [...wheel, ['thumb-dial', 'thumb dial', 'staying'], ['push', 'push button', 'twoPosition']],
    { modelMemories: 10, freeMixes: 0, ownCells: '4 dry cells' },
  ),
  transmitter(
    'transmitter-wheel-7',
    'wheel transmitter, 7 channels',
    ['ness link', 'holm link'],
    7,
    [
      ...wheel,
      ['thumb-dial', 'thumb dial', 'staying'],
      ['switch-a', 'switch under the thumb', 'threePosition'],
      ['switch-b', 'switch at the grip', 'twoPosition'],
      ['push', 'push button', 'momentary'],
      ['dial-2', 'second dial', 'staying'],
    ],
    { modelMemories: 40, freeMixes: 4, ownCells: 'LiPo, 2 cells' },
  ),
  transmitter(
    'transmitter-stick-8',
    'stick transmitter, 8 channels, left stick stays',
    ['skerry link'],
    8,
    [
      ...sticks,
      ['left-y', 'left stick, stays', 'staying'],
      ['dial-1', 'left dial', 'staying'],
      ['switch-a', 'switch A', 'twoPosition'],
      ['switch-b', 'switch B', 'threePosition'],
      ['push', 'push button', 'momentary'],
    ],
    { modelMemories: 20, freeMixes: 3, ownCells: '4 dry cells' },
  ),
  transmitter(
    'transmitter-stick-16',
    'stick transmitter, 16 channels, both sticks centring',
    ['holm link', 'skerry link'],
    16,
    [
      ...sticks,
      ['left-y', 'left stick, up and down', 'centring'],
      ['dial-1', 'left dial', 'staying'],
      ['dial-2', 'right dial', 'staying'],
      ['slider-1', 'left slider', 'staying'],
      ['slider-2', 'right slider', 'staying'],
      ['switch-a', 'switch A', 'threePosition'],
      ['switch-b', 'switch B', 'threePosition'],
      ['switch-c', 'switch C', 'threePosition'],
      ['switch-d', 'switch D', 'twoPosition'],
      ['switch-e', 'switch E', 'twoPosition'],
      ['push', 'push button', 'momentary'],
    ],
    {
      modelMemories: 60,
      freeMixes: 32,
      ownCells: 'Li-ion, 2 cells',
      settings: ['reverse', 'sub-trim', 'end points', 'rate', 'exponential', 'curve', 'speed', 'fail-safe'],
    },
  ),
];
