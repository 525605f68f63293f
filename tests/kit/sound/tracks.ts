import { lifted, type LeadSketch } from '../../../src/core/model/plan/sketch-build';
import { stated } from '../../../src/core/base/validation/figure';
import { harness, type Row, modelOf, radio, sheet } from './model';

const names = ['left track', 'right track', 'slew', 'pump'] as const;
const controls = ['left-y', 'right-y', 'right-x', 'left-x'];
const slug = (name: string) => name.replace(' ', '-');
const thick = { metres: 0.2, awg: 14 };

/** An excavator: two tracks, slew and a pump, each with its own controller and motor. */
function excavator(name: string, red: (n: number) => boolean, own: boolean) {
  const four = names.flatMap((each, n): LeadSketch[] => [
    [`${n < 2 ? 'harness' : 'harness2'}.large ${(n % 2) + 1}`, `${slug(each)}-esc.power`, thick],
    [`${slug(each)}-esc.motor`, `${slug(each)}-motor.motor`],
    [`${slug(each)}-esc.lead`, `rx.${n + 3}`, red(n) ? {} : { change: lifted('plus') }],
  ]);
  return modelOf(name, 'tracked machine', {
    parts: [
      ['pack', 'pack', 'pack-lipo-3s-5000-40c'],
      harness,
      ['harness2', 'second harness', 'harness-five-way'],
      ['split', 'small split', 'split'],
      ...radio,
      ...names.flatMap((each): Row[] => [
        [
          `${slug(each)}-esc`,
          `${each} controller`,
          'controller-brushed-30-switching',
          { regulatorVolts: 5, cutoff: 'LiPo' },
        ],
        [`${slug(each)}-motor`, `${each} motor`, 'motor-brushed-80t'],
      ]),
      ...(own ? [['bec', 'radio BEC', 'bec-3a', { regulatorVolts: 5 }] as Row] : []),
      ['servo', 'bucket servo', 'servo-standard'],
    ],
    leads: [
      ['pack.out', 'split.in', { metres: 0.1, awg: 12 }],
      ['split.large 1', 'harness.in', { metres: 0.1, awg: 12 }],
      ['split.large 2', 'harness2.in', { metres: 0.1, awg: 12 }],
      ...four,
      ...(own ? [['harness.small 1', 'bec.in'] as LeadSketch, ['bec.out', 'rx.B'] as LeadSketch] : []),
      ['servo.lead', 'rx.1'],
    ],
    works: [
      ...names.map((each, n): Parameters<typeof modelOf>[2]['works'][number] => [
        `Work ${each}`,
        'drive',
        'centring',
        controls[n]!,
        n + 3,
        [`${slug(each)}-esc`],
      ]),
      ['Bucket', 'mechanism', 'staying', 'dial-1', 1, ['servo']],
    ],
    brief: { drive: 'tracks' },
    policies: own ? { redWires: 'standAlone' } : {},
    own: [
      sheet('harness-five-way', { id: 'split', name: 'trunk split' }),
      sheet('motor-brushed-80t', { fullLoadAmps: stated(5), stallAmps: stated(18) }),
    ],
  });
}

/** Machines on tracks. */
export const tracks = [
  excavator('excavator with four controllers, one red wire in', (n) => n === 0, false),
  excavator('excavator with four controllers on its own BEC', () => false, true),
];
