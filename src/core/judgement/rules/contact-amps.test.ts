import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import type { LeadSketch } from '../../model/plan/sketch-build';
import { stated } from '../../base/validation/figure';
import { contactAmps } from './contact-amps';

const rail = (servo: string, count: number) => ({
  parts: { esc: 'controller-brushed-60', rudder: servo },
  extra: Array.from({ length: count - 1 }, (_, n) => ({ id: `s${n}`, name: `servo ${n}`, part: servo })),
  leads: Array.from({ length: count - 1 }, (_, n): LeadSketch => [`s${n}.lead`, `rx.${n + 4}`]),
});

testRule(contactAmps, {
  valid: [
    { name: 'eight amps through a plug for 50', build: tub() },
    { name: 'a rail of 4 A at the worst second through a servo plug', build: tub(rail('servo-standard', 2)) },
  ],
  invalid: [
    {
      name: 'two strong servos stalled through one servo plug',
      build: tub(rail('servo-strong', 2)),
      findings: [
        {
          messageId: 'overloadedForSeconds',
          actual: 5.4,
          limit: 4.5,
          within: 0.5,
          subjects: ['esc-lead--rx-3', 'esc', 'rx'],
        },
      ],
    },
    {
      name: 'eight amps for minutes through a small box plug',
      build: tub({
        extra: [
          { id: 'harness', name: 'harness', part: 'harness-five-way' },
          { id: 'pump', name: 'pump', part: 'bilge-pump-12' },
        ],
        without: ['adapter.out'],
        leads: [
          ['adapter.out', 'harness.in'],
          ['harness.large 1', 'esc.power'],
          ['harness.small 1', 'pump.power'],
        ],
        sheets: { 'bilge-pump-12': (part) => ({ ...part, amps: stated(8) }) as typeof part },
      }),
      findings: [{ messageId: 'overloaded', actual: 8, limit: 5, within: 0.1 }],
    },
  ],
});
