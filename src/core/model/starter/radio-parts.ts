import type { ReceiverSpec } from '../kinds/receiver/receiver';
import type { ServoSpec } from '../kinds/servo/servo';
import type { TransmitterSpec } from '../kinds/transmitter/transmitter';
import { stated } from '../../base/validation/figure';
import { channelPort } from '../parts/channel-port';
import { batteryPort, motorPort, powerPort, servoLead } from './ports';

const servoNets = { plus: 'plus', minus: 'minus' };

/** Rows of a servo's sheet: volts, stall torque in N·m, stall amps, running amps, seconds for sixty degrees. */
type SheetRow = [
  volts: number,
  newtonMetres: number,
  stallAmps: number,
  runningAmps: number,
  seconds: number,
];

function servo(
  id: string,
  name: string,
  least: number,
  most: number,
  rows: SheetRow[],
  small = false,
): ServoSpec {
  return {
    id,
    kind: 'servo',
    name,
    maker: 'Quillet',
    protection: 'coated',
    minVolts: stated(least),
    maxVolts: stated(most),
    sheet: rows.map(([volts, newtonMetres, stallAmps, runningAmps, seconds]) => ({
      volts: stated(volts),
      stallNewtonMetres: stated(newtonMetres),
      stallAmps: stated(stallAmps),
      runningAmps: stated(runningAmps),
      sixtyDegreeSeconds: stated(seconds),
    })),
    ports: [servoLead(servoNets, small ? 'servo-3-small' : 'servo-3-flat')],
  };
}

export const servos: ServoSpec[] = [
  servo('servo-micro-52', 'micro servo, low volts', 4, 5.2, [[4.8, 0.16, 0.85, 0.2, 0.11]]),
  servo('servo-micro-60', 'micro servo', 4.5, 6.6, [
    [4.8, 0.15, 0.8, 0.2, 0.12],
    [6, 0.19, 1, 0.25, 0.1],
  ]),
  servo('servo-standard', 'standard servo', 4.5, 6.6, [
    [4.8, 0.55, 1.45, 0.28, 0.19],
    [6, 0.68, 1.8, 0.35, 0.15],
  ]),
  servo('servo-mini', 'mini servo', 4.5, 6.6, [
    [4.8, 0.25, 1, 0.22, 0.14],
    [6, 0.31, 1.2, 0.28, 0.11],
  ]),
  servo('servo-low-profile', 'low-profile servo', 4.8, 7.4, [
    [4.8, 0.6, 1.6, 0.3, 0.17],
    [6, 0.75, 2, 0.36, 0.14],
  ]),
  servo('servo-strong', 'strong servo, metal gears', 4.8, 7.4, [
    [4.8, 1.3, 2.4, 0.45, 0.18],
    [6, 1.6, 3, 0.55, 0.15],
    [7.4, 2, 3.7, 0.7, 0.12],
  ]),
  servo('servo-high-volt', 'high-voltage servo, metal gears', 6, 8.6, [
    [6, 2, 3.2, 0.5, 0.14],
    [7.4, 2.5, 3.9, 0.65, 0.11],
    [8.4, 2.8, 4.4, 0.75, 0.1],
  ]),
  {
    ...servo('servo-sail', 'sail winch servo, four turns', 4.8, 7.4, [
      [4.8, 0.8, 1.6, 0.5, 0.22],
      [6, 1, 2, 0.6, 0.18],
    ]),
    travelDegrees: stated(4 * 360),
  },
  { ...servo('servo-toy', 'toy servo, five wires', 3, 6, [[4.8, 0.1, 0.5, 0.15, 0.2]]), wires: 5 },
  {
    ...servo(
      'servo-winch',
      'winch servo, six turns',
      4.8,
      7.4,
      [
        [4.8, 0.9, 2.5, 0.9, 0.2],
        [6, 1.1, 3.1, 1.2, 0.16],
      ],
      true,
    ),
    travelDegrees: stated(6 * 360),
  },
];

function receiver(
  id: string,
  name: string,
  channels: number,
  protocols: string[],
  throttleChannel: number,
): ReceiverSpec {
  const ports = Array.from({ length: channels }, (_, n) => channelPort(n + 1));
  return {
    id,
    kind: 'receiver',
    name,
    maker: 'Sandling Radio',
    protocols,
    channels,
    throttleChannel,
    protection: 'coated',
    minVolts: stated(3.8),
    maxVolts: stated(8.4),
    amps: stated(0.1),
    ports: [batteryPort(), ...ports],
  };
}

export const receivers: ReceiverSpec[] = [
  receiver('receiver-4-skerry', 'receiver, 4 channels, skerry link', 4, ['skerry link'], 3),
  receiver('receiver-6-skerry', 'receiver, 6 channels, skerry link', 6, ['skerry link'], 3),
  receiver('receiver-3-ness', 'receiver, 3 channels, ness link', 3, ['ness link'], 2),
  receiver('receiver-8-skerry', 'receiver, 8 channels, skerry link', 8, ['skerry link'], 3),
  receiver('receiver-6-holm', 'receiver, 6 channels, holm link', 6, ['holm link'], 2),
  receiver(
    'receiver-10-both',
    'receiver, 10 channels, skerry and holm links',
    10,
    ['skerry link', 'holm link'],
    3,
  ),
  {
    ...receiver(
      'receiver-integrated',
      'receiver and controller in one, as found in toys',
      2,
      ['toy link'],
      2,
    ),
    maker: 'Quillet',
    protection: 'open',
    integrated: true,
    minVolts: stated(6),
    maxVolts: stated(9.6),
    ports: [
      powerPort('B', 'pack wires', 'box-25', 'in', { plus: 'rail', minus: 'ground' }),
      motorPort('out', 2),
    ],
  },
];

export const transmitters: TransmitterSpec[] = [
  {
    id: 'transmitter-10',
    kind: 'transmitter',
    name: 'transmitter, 10 channels, two links',
    maker: 'Sandling Radio',
    protocols: ['holm link', 'skerry link'],
    channels: 10,
    endPointChannels: 10,
    modelMemories: 30,
    freeMixes: 8,
    throwMicros: stated(500),
    settings: ['reverse', 'sub-trim', 'end points', 'rate', 'exponential', 'curve', 'speed', 'fail-safe'],
    ownCells: 'LiPo, 2 cells',
    controls: [
      { id: 'right-x', name: 'right stick, sideways', kind: 'centring' },
      { id: 'right-y', name: 'right stick, up and down', kind: 'centring' },
      { id: 'left-x', name: 'left stick, sideways', kind: 'centring' },
      { id: 'left-y', name: 'left stick, up and down', kind: 'centring' },
      { id: 'dial-1', name: 'left dial', kind: 'staying' },
      { id: 'dial-2', name: 'right dial', kind: 'staying' },
      { id: 'switch-a', name: 'switch A', kind: 'twoPosition' },
      { id: 'switch-b', name: 'switch B', kind: 'twoPosition' },
      { id: 'switch-c', name: 'switch C', kind: 'threePosition' },
      { id: 'button', name: 'button on the left', kind: 'momentary' },
    ],
    ports: [],
  },
  {
    id: 'transmitter-wheel-3',
    kind: 'transmitter',
    name: 'wheel transmitter, 3 channels',
    maker: 'Sandling Radio',
    protocols: ['ness link'],
    channels: 3,
    endPointChannels: 2,
    modelMemories: 10,
    freeMixes: 0,
    throwMicros: stated(500),
    settings: ['reverse', 'sub-trim', 'end points', 'rate', 'fail-safe'],
    ownCells: '4 dry cells',
    controls: [
      { id: 'wheel', name: 'steering wheel', kind: 'centring' },
      { id: 'trigger', name: 'throttle trigger', kind: 'centring' },
      { id: 'push', name: 'push button', kind: 'twoPosition' },
    ],
    ports: [],
  },
  {
    id: 'transmitter-6',
    kind: 'transmitter',
    name: 'transmitter, 6 channels',
    maker: 'Sandling Radio',
    protocols: ['skerry link'],
    channels: 6,
    endPointChannels: 6,
    modelMemories: 20,
    freeMixes: 3,
    throwMicros: stated(400),
    settings: ['reverse', 'sub-trim', 'end points', 'rate', 'exponential', 'fail-safe'],
    ownCells: '4 dry cells',
    controls: [
      { id: 'right-x', name: 'right stick, sideways', kind: 'centring' },
      { id: 'right-y', name: 'right stick, up and down', kind: 'centring' },
      { id: 'left-x', name: 'left stick, sideways', kind: 'centring' },
      { id: 'left-y', name: 'left stick, stays', kind: 'staying' },
      { id: 'switch-a', name: 'switch A', kind: 'twoPosition' },
      { id: 'dial-1', name: 'dial', kind: 'staying' },
    ],
    ports: [],
  },
];
