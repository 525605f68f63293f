import type { CableSpec } from '../kinds/cable/cable';
import { threePins } from '../parts/channel-port';
import type { PortSpec } from '../parts/port';
import { stated } from '../../base/validation/figure';
import { motorPort, powerPort } from './ports';

const nets = { plus: 'plus', minus: 'minus' };

const servoIn = (id: string, family: 'servo-3-flat' | 'servo-3-small'): PortSpec => ({
  id,
  name: id === 'in' ? 'plug' : `socket ${id.replace('out', '').trim()}`.trim(),
  use: 'servo',
  flow: id === 'in' ? 'in' : 'out',
  connector: { family, gender: id === 'in' ? 'socket' : 'plug' },
  pins: threePins('signal', 'plus', 'minus'),
});

function fuse(amps: number): CableSpec {
  return {
    id: `fuse-blade-${amps}`,
    kind: 'cable',
    form: 'fuse',
    name: `fuse, ${amps} A, flat-blade T`,
    maxAmps: stated(amps),
    ports: [
      powerPort('in', 'pack side', 'blade-t', 'in', nets),
      powerPort('out', 'model side', 'blade-t', 'out', nets),
    ],
  };
}

/** A cable that joins the signal of receiver ports with the plus of another regulator; grounds are common. */
function secondRail(id: string, name: string, parts: number): CableSpec {
  const numbers = Array.from({ length: parts }, (_, n) => n + 1);
  return {
    id,
    kind: 'cable',
    form: 'harness',
    name,
    ports: [
      ...numbers.map((n) => ({
        ...servoIn('out', 'servo-3-flat'),
        id: `servo ${n}`,
        name: `servo socket ${n}`,
        pins: threePins(`signal ${n}`, 'plus', 'minus'),
      })),
      ...numbers.map((n) => ({
        ...servoIn('in', 'servo-3-flat'),
        id: `signal ${n}`,
        name: `signal plug ${n}`,
        pins: [
          { name: 'signal' as const, net: `signal ${n}` },
          { name: 'minus' as const, net: 'minus' },
        ],
      })),
      {
        ...servoIn('out', 'servo-3-flat'),
        id: 'power',
        name: 'regulator socket',
        flow: 'in' as const,
        pins: [
          { name: 'plus' as const, net: 'plus' },
          { name: 'minus' as const, net: 'minus' },
        ],
      },
    ],
  };
}

export const cables: CableSpec[] = [
  ...[5, 10, 15, 25, 40].map(fuse),
  ...[3, 7.5, 20, 30].map(fuse),
  {
    id: 'harness-five-way',
    kind: 'cable',
    form: 'harness',
    name: 'power harness, two large and three small outlets',
    ports: [
      powerPort('in', 'inlet', 'blade-t', 'in', nets),
      powerPort('large 1', 'large outlet 1', 'blade-t', 'out', nets),
      powerPort('large 2', 'large outlet 2', 'blade-t', 'out', nets),
      powerPort('small 1', 'small outlet 1', 'box-25', 'out', nets),
      powerPort('small 2', 'small outlet 2', 'box-25', 'out', nets),
      powerPort('small 3', 'small outlet 3', 'box-25', 'out', nets),
    ],
  },
  {
    id: 'adapter-sleeve-blade',
    kind: 'cable',
    form: 'adapter',
    name: 'adapter, 3.5 mm sleeve to flat-blade T',
    ports: [
      powerPort('in', 'sleeve end', 'sleeve-35', 'in', nets),
      powerPort('out', 'blade end', 'blade-t', 'out', nets),
    ],
  },
  {
    id: 'adapter-servo-small',
    kind: 'cable',
    form: 'adapter',
    name: 'adapter, 2.0 mm to 2.54 mm three-pin',
    ports: [servoIn('in', 'servo-3-flat'), servoIn('out', 'servo-3-small')],
  },
  {
    id: 'adapter-servo-box',
    kind: 'cable',
    form: 'adapter',
    name: 'adapter, three-pin to small box plug, power only',
    ports: [
      servoIn('in', 'servo-3-flat'),
      { ...powerPort('out', 'box socket', 'box-25', 'out', nets), name: 'box socket' },
    ],
  },
  {
    id: 'adapter-sleeve-small',
    kind: 'cable',
    form: 'adapter',
    name: 'adapter, 2.0 mm sleeve to flat-blade T',
    ports: [
      powerPort('in', 'sleeve end', 'sleeve-20', 'in', nets),
      powerPort('out', 'blade end', 'blade-t', 'out', nets),
    ],
  },
  {
    id: 'hand-switch-servo',
    kind: 'cable',
    form: 'switch',
    name: 'hand switch, three-pin',
    ports: [
      {
        ...servoIn('in', 'servo-3-flat'),
        name: 'pack side',
        connector: { family: 'servo-3-flat', gender: 'plug' },
      },
      {
        ...servoIn('out', 'servo-3-flat'),
        name: 'model side',
        connector: { family: 'servo-3-flat', gender: 'socket' },
      },
    ],
  },
  {
    id: 'extension-600',
    kind: 'cable',
    form: 'extension',
    name: 'extension, 600 mm, three-pin',
    ports: [servoIn('in', 'servo-3-flat'), servoIn('out', 'servo-3-flat')],
  },
  {
    id: 'raw-feed-lead',
    kind: 'cable',
    form: 'harness',
    name: 'raw-feed lead for one high-voltage servo',
    ports: [
      { ...servoIn('out', 'servo-3-flat'), id: 'servo', name: 'servo socket' },
      {
        ...servoIn('in', 'servo-3-flat'),
        id: 'signal',
        name: 'signal plug',
        pins: [
          { name: 'signal', net: 'signal' },
          { name: 'minus', net: 'minus' },
        ],
      },
      powerPort('power', 'power wires', 'box-25', 'in', nets),
    ],
  },
  secondRail('second-rail-lead', 'second-rail lead for one servo or board', 1),
  secondRail('second-rail-harness', 'second-rail harness for two servos or boards', 2),
  {
    id: 'harness-series',
    kind: 'cable',
    form: 'harness',
    name: 'series harness for two packs, flat-blade T',
    ports: [
      powerPort('upper', 'upper pack', 'blade-t', 'in', { plus: 'plus', minus: 'middle' }),
      powerPort('lower', 'lower pack', 'blade-t', 'in', { plus: 'middle', minus: 'minus' }),
      powerPort('out', 'model side', 'blade-t', 'out', nets),
    ],
  },
  {
    id: 'harness-parallel',
    kind: 'cable',
    form: 'harness',
    name: 'parallel harness for two packs, flat-blade T',
    ports: [
      powerPort('first', 'first pack', 'blade-t', 'in', nets),
      powerPort('second', 'second pack', 'blade-t', 'in', nets),
      powerPort('out', 'model side', 'blade-t', 'out', nets),
    ],
  },
  {
    id: 'motor-y',
    kind: 'cable',
    form: 'yLead',
    name: 'Y-lead for two brushed motors, bare ends',
    ports: [
      { ...motorPort('in', 2), id: 'in', name: 'controller side' },
      { ...motorPort('out', 2), id: 'out 1', name: 'first motor' },
      { ...motorPort('out', 2), id: 'out 2', name: 'second motor' },
    ],
  },
  {
    id: 'y-lead',
    kind: 'cable',
    form: 'yLead',
    name: 'Y-lead, three-pin',
    ports: [
      servoIn('in', 'servo-3-flat'),
      servoIn('out 1', 'servo-3-flat'),
      servoIn('out 2', 'servo-3-flat'),
    ],
  },
  ...[100, 150, 1000].map((millimetres): CableSpec => ({
    id: `extension-${millimetres}`,
    kind: 'cable',
    form: 'extension',
    name: `extension, ${millimetres} mm, three-pin`,
    length: stated(millimetres / 1000),
    ports: [servoIn('in', 'servo-3-flat'), servoIn('out', 'servo-3-flat')],
  })),
  {
    id: 'extension-small-150',
    kind: 'cable',
    form: 'extension',
    name: 'extension, 150 mm, small three-pin',
    length: stated(0.15),
    ports: [servoIn('in', 'servo-3-small'), servoIn('out', 'servo-3-small')],
  },
  {
    id: 'adapter-blade-box',
    kind: 'cable',
    form: 'adapter',
    name: 'adapter, flat-blade T to small box plug',
    ports: [
      powerPort('in', 'blade end', 'blade-t', 'in', nets),
      powerPort('out', 'box end', 'box-25', 'out', nets),
    ],
  },
  {
    id: 'extension-300',
    kind: 'cable',
    form: 'extension',
    name: 'extension, 300 mm, three-pin',
    length: stated(0.3),
    ports: [servoIn('in', 'servo-3-flat'), servoIn('out', 'servo-3-flat')],
  },
  {
    id: 'bind-plug',
    kind: 'cable',
    form: 'bindPlug',
    name: 'bind plug',
    ports: [
      {
        id: 'in',
        name: 'plug',
        use: 'servo',
        flow: 'in',
        connector: { family: 'servo-3-flat', gender: 'socket' },
        pins: threePins('bridge', 'plus', 'bridge'),
      },
    ],
  },
  {
    id: 'hand-switch-blade',
    kind: 'cable',
    form: 'switch',
    name: 'hand switch, flat-blade T',
    ports: [
      powerPort('in', 'pack side', 'blade-t', 'in', nets),
      powerPort('out', 'model side', 'blade-t', 'out', nets),
    ],
  },
];
