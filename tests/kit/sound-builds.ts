import type { Build } from '../../src/core/model/plan/build';
import { lifted, sketchBuild, type LeadSketch } from '../../src/core/model/plan/sketch-build';
import { starterPart } from '../../src/core/model/starter/starter-locker';
import { hulls } from './sound/hulls';
import { tracks } from './sound/tracks';
import { wheels } from './sound/wheels';
import { withFailSafes } from './fail-safes';
import { tub } from './tub';

const steer = (devices: string[], channel = 1) => ({
  id: 'steer',
  name: 'Steering',
  role: 'steer' as const,
  wants: 'centring' as const,
  control: 'right-x',
  channel,
  devices,
});
const drive = (devices: string[], channel = 3) => ({
  id: 'drive',
  name: 'Drive',
  role: 'drive' as const,
  wants: 'centring' as const,
  control: 'left-y',
  channel,
  devices,
});
const tx = { id: 'tx', name: 'transmitter', part: 'transmitter-10', protocol: 'skerry link' };
const rx = { id: 'rx', name: 'receiver', part: 'receiver-8-skerry' };
const pack = (part: string) => ({ id: 'pack', name: 'pack', part });
/** As thick as the wires of a pack for a car are. */
const heavy = { metres: 0.15, awg: 12 };
const toBlade = { id: 'adapter', name: 'adapter', part: 'adapter-sleeve-blade' };

const brushlessCar = sketchBuild(
  {
    name: 'brushless car',
    model: 'car',
    fittings: [
      pack('pack-lipo-2s-5000-20c'),
      toBlade,
      tx,
      rx,
      {
        id: 'esc',
        name: 'controller',
        part: 'controller-brushless-40',
        regulatorVolts: 6,
        cutoff: 'LiPo',
        brake: 'dragBrake',
      },
      { id: 'motor', name: 'motor', part: 'motor-brushless-900' },
      { id: 'servo', name: 'steering servo', part: 'servo-standard' },
    ],
    leads: [
      ['pack.out', 'adapter.in', heavy],
      ['adapter.out', 'esc.power', heavy],
      ['esc.motor', 'motor.motor', heavy],
      ['esc.lead', 'rx.3'],
      ['servo.lead', 'rx.1'],
    ],
    functions: [steer(['servo']), drive(['esc'])],
    brief: { dragBrake: true },
  },
  starterPart,
);

const ownBec: LeadSketch[] = [
  ['pack.out', 'adapter.in'],
  ['adapter.out', 'harness.in'],
  ['harness.large 1', 'esc.power'],
  ['harness.small 1', 'bec.in'],
  ['bec.out', 'rx.B'],
  ['esc.motor', 'motor.motor'],
  ['esc.lead', 'rx.3', { change: lifted('plus') }],
  ['servo.lead', 'rx.1'],
  ['servo2.lead', 'rx.2'],
];
const crawler = sketchBuild(
  {
    name: 'crawler with its own BEC, red wire lifted',
    model: 'crawler',
    fittings: [
      pack('pack-lipo-3s-4000-20c'),
      toBlade,
      tx,
      rx,
      { id: 'harness', name: 'harness', part: 'harness-five-way' },
      { id: 'esc', name: 'controller', part: 'controller-brushed-30-switching', cutoff: 'LiPo' },
      { id: 'bec', name: 'BEC', part: 'bec-8a', regulatorVolts: 6 },
      { id: 'motor', name: 'motor', part: 'motor-brushed-620' },
      { id: 'servo', name: 'front steering', part: 'servo-standard' },
      { id: 'servo2', name: 'rear steering', part: 'servo-standard' },
    ],
    leads: ownBec,
    functions: [
      steer(['servo']),
      drive(['esc']),
      {
        id: 'rear',
        name: 'Rear steering',
        role: 'steer',
        wants: 'centring',
        control: 'left-x',
        channel: 2,
        devices: ['servo2'],
      },
    ],
    brief: { drive: 'four wheels', exposure: 'dust' },
  },
  starterPart,
);

const twinTracks = sketchBuild(
  {
    name: 'tracked machine, two controllers, one red wire in',
    model: 'tracked machine',
    fittings: [
      pack('pack-lipo-2s-5000-20c'),
      toBlade,
      tx,
      rx,
      { id: 'harness', name: 'harness', part: 'harness-five-way' },
      { id: 'left', name: 'left controller', part: 'controller-brushed-30-switching', cutoff: 'LiPo' },
      { id: 'right', name: 'right controller', part: 'controller-brushed-30-switching', cutoff: 'LiPo' },
      { id: 'left-motor', name: 'left motor', part: 'motor-brushed-620' },
      { id: 'right-motor', name: 'right motor', part: 'motor-brushed-620' },
    ],
    leads: [
      ['pack.out', 'adapter.in', heavy],
      ['adapter.out', 'harness.in', heavy],
      ['harness.large 1', 'left.power'],
      ['harness.large 2', 'right.power'],
      ['left.motor', 'left-motor.motor'],
      ['right.motor', 'right-motor.motor'],
      ['left.lead', 'rx.3'],
      ['right.lead', 'rx.4', { change: lifted('plus') }],
    ],
    functions: [
      drive(['left']),
      {
        id: 'right',
        name: 'Right track',
        role: 'drive',
        wants: 'centring',
        control: 'right-y',
        channel: 4,
        devices: ['right'],
      },
    ],
    brief: { drive: 'tracks' },
  },
  starterPart,
);

const workboat = sketchBuild(
  {
    name: 'workboat with lamps, horn and pump',
    fittings: [
      pack('pack-lipo-3s-4000-20c'),
      toBlade,
      tx,
      rx,
      { id: 'harness', name: 'harness', part: 'harness-five-way' },
      {
        id: 'esc',
        name: 'controller',
        part: 'controller-brushed-30-switching',
        regulatorVolts: 6,
        cutoff: 'LiPo',
      },
      { id: 'motor', name: 'motor', part: 'motor-brushed-620' },
      { id: 'rudder', name: 'rudder', part: 'servo-micro-60' },
      { id: 'lamps', name: 'lamps', part: 'lamp-board' },
      { id: 'horn', name: 'horn', part: 'horn-board' },
      { id: 'switch', name: 'pump switch', part: 'switch-electronic-5a' },
      { id: 'pump', name: 'pump', part: 'pump-12' },
    ],
    leads: [
      ['pack.out', 'adapter.in'],
      ['adapter.out', 'harness.in'],
      ['harness.large 1', 'esc.power'],
      ['harness.small 1', 'switch.in'],
      ['switch.out', 'pump.power'],
      ['esc.motor', 'motor.motor'],
      ['esc.lead', 'rx.3'],
      ['rudder.lead', 'rx.1'],
      ['lamps.lead', 'rx.5'],
      ['horn.lead', 'rx.6'],
      ['switch.lead', 'rx.7'],
    ],
    functions: [
      steer(['rudder']),
      drive(['esc']),
      {
        id: 'lights',
        name: 'Lights',
        role: 'lights',
        wants: 'threePosition',
        control: 'switch-c',
        channel: 5,
        devices: ['lamps'],
      },
      {
        id: 'horn',
        name: 'Horn',
        role: 'sound',
        wants: 'momentary',
        control: 'button',
        channel: 6,
        devices: ['horn'],
      },
      {
        id: 'pump',
        name: 'Pump',
        role: 'pump',
        wants: 'twoPosition',
        control: 'switch-a',
        channel: 7,
        devices: ['switch'],
      },
    ],
    brief: { exposure: 'splash' },
  },
  starterPart,
);

const yacht = sketchBuild(
  {
    name: 'yacht without a motor, on its own BEC',
    model: 'yacht',
    fittings: [
      pack('pack-nimh-6-3000-10c'),
      tx,
      rx,
      { id: 'harness', name: 'harness', part: 'harness-five-way' },
      { id: 'bec', name: 'BEC', part: 'bec-8a', regulatorVolts: 5 },
      { id: 'rudder', name: 'rudder', part: 'servo-standard' },
      { id: 'fit', name: 'adapter', part: 'adapter-servo-small' },
      { id: 'sail', name: 'sail winch', part: 'servo-winch' },
    ],
    leads: [
      ['pack.out', 'harness.in'],
      ['harness.small 1', 'bec.in'],
      ['bec.out', 'rx.B'],
      ['rudder.lead', 'rx.1'],
      ['sail.lead', 'fit.out'],
      ['fit.in', 'rx.3'],
    ],
    functions: [
      steer(['rudder']),
      {
        id: 'sail',
        name: 'Sail',
        role: 'mechanism',
        wants: 'staying',
        control: 'dial-1',
        channel: 3,
        devices: ['sail'],
      },
    ],
    brief: { drive: 'none', exposure: 'splash' },
  },
  starterPart,
);

/** Sound plans of different kinds; a `stop` on any of them is a false one. */
export const soundBuilds: Record<string, Build> = {
  'the smallest boat': tub(),
  'a boat on two cells': tub({ parts: { pack: 'pack-lipo-2s-5000-20c' } }),
  'a boat with an extension to its rudder': tub({
    extra: [{ id: 'ext', name: 'extension', part: 'extension-300' }],
    without: ['rudder.lead'],
    leads: [
      ['rudder.lead', 'ext.out', { metres: 0.3, awg: 26 }],
      ['ext.in', 'rx.1', { metres: 0.3, awg: 22 }],
    ],
  }),
  [brushlessCar.name]: withFailSafes(brushlessCar),
  [crawler.name]: withFailSafes(crawler),
  [twinTracks.name]: withFailSafes(twinTracks),
  [workboat.name]: withFailSafes(workboat),
  [yacht.name]: withFailSafes(yacht),
  ...Object.fromEntries([...wheels, ...hulls, ...tracks].map((build) => [build.name, build])),
};
