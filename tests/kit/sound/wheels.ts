import { lifted } from '../../../src/core/model/plan/sketch-build';
import { stated } from '../../../src/core/base/validation/figure';
import { starterPart } from '../../../src/core/model/starter/starter-locker';
import { driving, harness, heavy, modelOf, radio, sheet, steering, toBlade } from './model';

const lipo = { regulatorVolts: 6, cutoff: 'LiPo' as const };

/** Cars, crawlers and trucks that their owners run every week. */
export const wheels = [
  modelOf('touring car, 60 A, two cells, 12 AWG', 'car', {
    parts: [
      ['pack', 'pack', 'pack-lipo-2s-5000-20c'],
      toBlade,
      ...radio,
      ['esc', 'controller', 'controller-brushless-60', { ...lipo, brake: 'brake' }],
      ['motor', 'motor', 'motor-brushless-3500'],
      ['servo', 'steering servo', 'servo-low-profile'],
    ],
    leads: [
      ['pack.out', 'adapter.in', heavy],
      ['adapter.out', 'esc.power', heavy],
      ['esc.motor', 'motor.motor', heavy],
      ['esc.lead', 'rx.3'],
      ['servo.lead', 'rx.1'],
    ],
    works: [steering('servo'), driving('esc')],
  }),
  modelOf('buggy, six cells NiMH, wheel radio', 'car', {
    parts: [
      ['pack', 'pack', 'pack-nimh-6-3000-10c'],
      ['tx', 'wheel radio', 'transmitter-wheel-3'],
      ['rx', 'receiver', 'receiver-3-ness'],
      ['esc', 'controller', 'controller-brushed-60', { regulatorVolts: 5, cutoff: 'NiMH' }],
      ['motor', 'motor', 'motor-brushed-35t'],
      ['servo', 'steering servo', 'servo-standard'],
    ],
    leads: [
      ['pack.out', 'esc.power', { metres: 0.2, awg: 14 }],
      ['esc.motor', 'motor.motor', { metres: 0.15, awg: 14 }],
      ['esc.lead', 'rx.2'],
      ['servo.lead', 'rx.1'],
    ],
    works: [
      ['Steering', 'steer', 'centring', 'wheel', 1, ['servo']],
      ['Drive', 'drive', 'centring', 'trigger', 2, ['esc']],
    ],
  }),
  modelOf('crawler with a fuse and a hand switch', 'crawler', {
    parts: [
      ['pack', 'pack', 'pack-nimh-6-3000-10c'],
      ['fuse', 'main fuse', 'fuse-blade-15'],
      ['switch', 'main switch', 'hand-switch-blade'],
      ...radio,
      [
        'esc',
        'controller',
        'controller-brushed-60',
        { regulatorVolts: 5, cutoff: 'NiMH', brake: 'dragBrake' },
      ],
      ['motor', 'motor', 'motor-brushed-55t'],
      ['servo', 'steering servo', 'servo-strong'],
    ],
    leads: [
      ['pack.out', 'fuse.in', { metres: 0.1, awg: 14 }],
      ['fuse.out', 'switch.in', { metres: 0.1, awg: 14 }],
      ['switch.out', 'esc.power', { metres: 0.15, awg: 14 }],
      ['esc.motor', 'motor.motor'],
      ['esc.lead', 'rx.3'],
      ['servo.lead', 'rx.1'],
    ],
    works: [steering('servo'), driving('esc')],
    brief: { dragBrake: true, exposure: 'splash' },
  }),
  modelOf('car with a high-voltage servo fed raw', 'car', {
    parts: [
      ['pack', 'pack', 'pack-lipo-2s-5000-20c'],
      toBlade,
      ...radio,
      harness,
      ['esc', 'controller', 'controller-brushless-60', lipo],
      ['motor', 'motor', 'motor-brushless-2200'],
      ['servo', 'steering servo', 'servo-high-volt'],
      ['raw', 'raw-feed lead', 'raw-feed-lead'],
    ],
    leads: [
      ['pack.out', 'adapter.in', heavy],
      ['adapter.out', 'harness.in', heavy],
      ['harness.large 1', 'esc.power', heavy],
      ['harness.small 1', 'raw.power', { metres: 0.2, awg: 20 }],
      ['raw.servo', 'servo.lead'],
      ['raw.signal', 'rx.1'],
      ['esc.motor', 'motor.motor', heavy],
      ['esc.lead', 'rx.3'],
    ],
    works: [steering('servo'), driving('esc')],
    policies: { servoFeed: 'raw' },
  }),
  modelOf('crawler with its rail at 7.4 V for a high-voltage servo', 'crawler', {
    parts: [
      ['pack', 'pack', 'pack-lipo-3s-5000-40c'],
      harness,
      ...radio,
      ['esc', 'controller', 'controller-brushed-60', { regulatorVolts: 5, cutoff: 'LiPo' }],
      ['bec', 'BEC', 'bec-8a', { regulatorVolts: 7.4 }],
      ['motor', 'motor', 'motor-brushed-55t'],
      ['servo', 'steering servo', 'servo-high-volt'],
      ['shift', 'gear shift servo', 'servo-low-profile'],
    ],
    leads: [
      ['pack.out', 'harness.in', { metres: 0.1, awg: 14 }],
      ['harness.large 1', 'esc.power', { metres: 0.15, awg: 14 }],
      ['harness.small 1', 'bec.in', { metres: 0.15, awg: 18 }],
      ['bec.out', 'rx.B'],
      ['esc.motor', 'motor.motor'],
      ['esc.lead', 'rx.3', { change: lifted('plus') }],
      ['servo.lead', 'rx.1'],
      ['shift.lead', 'rx.4'],
    ],
    works: [
      steering('servo'),
      driving('esc'),
      ['Gear shift', 'mechanism', 'twoPosition', 'switch-a', 4, ['shift']],
    ],
    policies: { redWires: 'standAlone' },
  }),
  modelOf('truck with a winch on its own controller', 'truck', {
    parts: [
      ['pack', 'pack', 'pack-lipo-2s-5000-20c'],
      toBlade,
      harness,
      ...radio,
      ['esc', 'drive controller', 'controller-brushed-60', lipo],
      ['winch-esc', 'winch controller', 'controller-brushed-10', { cutoff: 'LiPo' }],
      ['motor', 'drive motor', 'motor-brushed-35t'],
      ['winch', 'winch motor', 'motor-brushed-80t'],
      ['servo', 'steering servo', 'servo-standard'],
    ],
    leads: [
      ['pack.out', 'adapter.in', heavy],
      ['adapter.out', 'harness.in', heavy],
      ['harness.large 1', 'esc.power', { metres: 0.2, awg: 14 }],
      ['harness.large 2', 'winch-esc.power', { metres: 0.2, awg: 16 }],
      ['esc.motor', 'motor.motor', { metres: 0.15, awg: 14 }],
      ['winch-esc.motor', 'winch.motor'],
      ['esc.lead', 'rx.3'],
      ['winch-esc.lead', 'rx.2'],
      ['servo.lead', 'rx.1'],
    ],
    works: [
      steering('servo'),
      driving('esc'),
      ['Winch', 'mechanism', 'centring', 'right-y', 2, ['winch-esc']],
    ],
    own: [sheet('motor-brushed-80t', { fullLoadAmps: stated(3), stallAmps: stated(9) })],
  }),
  modelOf('truck with 5 V servos in an 8 V model', 'truck', {
    parts: [
      ['pack', 'pack', 'pack-lipo-3s-5000-40c'],
      harness,
      ...radio,
      ['esc', 'controller', 'controller-brushed-60', { regulatorVolts: 7.4, cutoff: 'LiPo' }],
      ['motor', 'motor', 'motor-brushed-35t'],
      ['bec', 'low BEC', 'bec-3a', { regulatorVolts: 5 }],
      ['second', 'second-rail harness', 'second-rail-harness'],
      ['servo', 'steering servo', 'servo-low-profile'],
      ['front', 'front lock servo', 'servo-micro-52'],
      ['rear', 'rear lock servo', 'servo-micro-52'],
    ],
    leads: [
      ['pack.out', 'harness.in', heavy],
      ['harness.large 1', 'esc.power', { metres: 0.2, awg: 14 }],
      ['harness.small 1', 'bec.in'],
      ['bec.out', 'second.power'],
      ['second.signal 1', 'rx.4'],
      ['second.signal 2', 'rx.5'],
      ['front.lead', 'second.servo 1'],
      ['rear.lead', 'second.servo 2'],
      ['esc.motor', 'motor.motor', { metres: 0.15, awg: 14 }],
      ['esc.lead', 'rx.3'],
      ['servo.lead', 'rx.1'],
    ],
    works: [
      steering('servo'),
      driving('esc'),
      ['Front lock', 'mechanism', 'twoPosition', 'switch-a', 4, ['front']],
      ['Rear lock', 'mechanism', 'twoPosition', 'switch-b', 5, ['rear']],
    ],
  }),
  modelOf('small crawler, pack with a small plug', 'crawler', {
    parts: [
      ['pack', 'pack', 'pack-small'],
      ['adapter', 'adapter', 'adapter-sleeve-small'],
      ...radio,
      ['esc', 'controller', 'controller-brushed-30-switching', { ...lipo, regulatorVolts: 5 }],
      ['motor', 'motor', 'motor-brushed-80t'],
      ['servo', 'steering servo', 'servo-micro-60'],
    ],
    leads: [
      ['pack.out', 'adapter.in', { metres: 0.08, awg: 16 }],
      ['adapter.out', 'esc.power', { metres: 0.08, awg: 16 }],
      ['esc.motor', 'motor.motor'],
      ['esc.lead', 'rx.3'],
      ['servo.lead', 'rx.1'],
    ],
    works: [steering('servo'), driving('esc')],
    own: [smallPack()],
  }),
];

function smallPack() {
  const [port] = starterPart('pack-lipo-2s-2200-25c').ports;
  return sheet('pack-lipo-2s-2200-25c', {
    id: 'pack-small',
    name: 'LiPo, 2 cells, small plug',
    ports: [{ ...port!, connector: { ...port!.connector, family: 'sleeve-20' } }],
  });
}
