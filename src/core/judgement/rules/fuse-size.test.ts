import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { gaugeAmps, siliconeCelsius } from '../../base/conductors/wire';
import { stated } from '../../base/validation/figure';
import { fuseSize } from './fuse-size';

const fused = (amps: number | undefined, awg = 14) => ({
  extra: [{ id: 'fuse', name: 'fuse', part: 'hand-switch-blade' }],
  sheets: {
    'hand-switch-blade': (part: object) =>
      ({ ...part, form: 'fuse', ...(amps !== undefined && { maxAmps: stated(amps) }) }) as never,
  },
  without: ['adapter.out'],
  leads: [
    ['adapter.out', 'fuse.in', { awg }],
    ['fuse.out', 'esc.power', { awg: 12 }],
  ] as never,
});

testRule(fuseSize, {
  valid: [
    { name: 'a 15 A fuse on AWG 14', build: tub(fused(15)) },
    { name: 'nothing to protect yet', build: tub({ without: ['pack.out'] }) },
    { name: 'a fuse of unknown size', build: tub(fused(undefined)), missing: ['amps of the fuse'] },
  ],
  invalid: [
    {
      name: 'no fuse',
      build: tub(),
      findings: [
        { messageId: 'noFuse', actual: 0, limit: 1, subjects: ['pack'], putRight: ['fuse:adapter-out'] },
      ],
    },
    {
      name: 'a 5 A fuse',
      build: tub(fused(5)),
      // 8.2 A of motor and a moving servo, a little less for what the leads lose, × 1.35.
      findings: [
        {
          messageId: 'blowsTooSoon',
          actual: 11,
          limit: 5,
          within: 0.5,
          subjects: ['fuse'],
          putRight: ['swap:fuse:'],
        },
      ],
    },
    {
      name: 'a 40 A fuse on AWG 18',
      build: tub(fused(40, 18)),
      findings: [
        {
          messageId: 'protectsNothing',
          actual: 40,
          limit: gaugeAmps(18, siliconeCelsius),
          putRight: ['swap:fuse:'],
        },
      ],
    },
    {
      name: 'a fuse in one branch, which is not the pack’s',
      build: tub({
        extra: [
          { id: 'harness', name: 'harness', part: 'harness-five-way' },
          { id: 'fuse', name: 'branch fuse', part: 'fuse-blade-15' },
          { id: 'bec', name: 'BEC', part: 'bec-8a', regulatorVolts: 6 },
        ],
        without: ['adapter.out'],
        leads: [
          ['adapter.out', 'harness.in'],
          ['harness.large 1', 'fuse.in'],
          ['fuse.out', 'esc.power'],
          ['harness.small 1', 'bec.in'],
        ],
      }),
      findings: [{ messageId: 'noFuse', actual: 0, limit: 1, subjects: ['pack'] }],
    },
  ],
});
