import { testRule } from '../../../tests/kit/test-rule';
import { tub } from '../../../tests/kit/tub';
import { gaugeAmps } from '../conductors/wire';
import { stated } from '../quantity/figure';
import { fuseSize } from './fuse-size';

const asked = 8.2 + (6 * 1.1) / (0.88 * 11.1);
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
      findings: [{ messageId: 'blowsTooSoon', actual: asked, limit: 5, subjects: ['fuse', 'pack'] }],
    },
    {
      name: 'a 30 A fuse on AWG 18',
      build: tub(fused(30, 18)),
      findings: [{ messageId: 'protectsNothing', actual: 30, limit: gaugeAmps(18) }],
    },
  ],
});
