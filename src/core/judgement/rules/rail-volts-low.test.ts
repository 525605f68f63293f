import type { Chemistry } from '../../model/packs/chemistry';
import { stated } from '../../base/validation/figure';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import type { Build } from '../../model/plan/build';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { railVoltsLow } from './rail-volts-low';

const needs = (volts: number) => ({
  'receiver-8-skerry': (part: object) =>
    ({ ...part, minVolts: { value: volts, provenance: 'stated' } }) as never,
});

/** A yacht on four cells of a chemistry, its receiver with another floor. */
const onCells = (chemistry: Chemistry, floor: number): Build => {
  const yacht = soundBuilds['yacht on four dry cells through a hand switch']!;
  return {
    ...yacht,
    parts: yacht.parts.map((part) =>
      part.kind === 'receiver'
        ? { ...part, minVolts: stated(floor) }
        : part.kind === 'pack'
          ? { ...part, chemistry, cells: 4 }
          : part,
    ),
  };
};
const onDryCells = (floor: number): Build => onCells('dry cell', floor);

testRule(railVoltsLow, {
  valid: [
    {
      name: 'a receiver printed “4.8 V” on four cells of nickel: the label names the pack',
      build: onCells('NiMH', 4.8),
    },
    { name: 'steering at the best volts of its sheet', build: tub() },
    {
      name: 'a weak servo that does not steer',
      build: tub({ settings: { esc: { regulatorVolts: 5 } }, functions: { steer: { role: 'mechanism' } } }),
    },
  ],
  invalid: [
    {
      name: 'a receiver that goes dark before four cells of nickel are empty',
      build: onCells('NiMH', 4.4),
      findings: [{ messageId: 'fades', actual: 4, limit: 4.4 }],
    },
    {
      name: 'a receiver that wakes on four dry cells and goes dark before they are empty',
      build: onDryCells(4.8),
      findings: [{ messageId: 'fades', actual: 4, limit: 4.8 }],
    },
    {
      name: 'a receiver that four dry cells never wake',
      build: onDryCells(6.2),
      findings: [{ messageId: 'receiverStarved', actual: 6, limit: 6.2 }],
    },
    {
      name: 'steering on 5 V that is stronger on 6 V',
      build: tub({ settings: { esc: { regulatorVolts: 5 } } }),
      findings: [
        {
          messageId: 'weakSteering',
          actual: 5,
          limit: 6,
          // 0.15 N·m at 4.8 V and 0.19 at 6 V: 0.1567 at 5 V, 18 % less than at 6 V.
          says: 'will be 18 % weaker on 5.0 V than on 6.0 V',
          putRight: ['set-volts:esc:6'],
        },
      ],
    },
    {
      name: 'a servo that needs more than the rail gives',
      build: tub({
        settings: { esc: { regulatorVolts: 5 } },
        functions: { steer: { role: 'mechanism' } },
        sheets: {
          'servo-micro-60': (part) =>
            ({ ...part, minVolts: { value: 5.5, provenance: 'stated' } }) as typeof part,
        },
      }),
      findings: [
        {
          messageId: 'tooFewVolts',
          actual: 4.97,
          limit: 5.5,
          within: 0.05,
          subjects: ['rudder', 'esc'],
          putRight: ['set-volts:esc:6'],
        },
      ],
    },
    {
      name: 'a receiver below its floor',
      build: tub({ sheets: needs(6.2) }),
      findings: [{ messageId: 'receiverStarved', actual: 6, limit: 6.2, subjects: ['rx', 'esc'] }],
    },
    {
      name: 'two strong servos stalled on a small BEC',
      build: tub({
        parts: { rudder: 'servo-strong' },
        functions: { steer: { role: 'mechanism' } },
        extra: [{ id: 'second', name: 'second servo', part: 'servo-strong' }],
        leads: [['second.lead', 'rx.2']],
      }),
      // Two amps into two servos of 2 Ω side by side, less what the receiver and the leads take.
      findings: [
        {
          messageId: 'receiverSags',
          actual: 2,
          limit: 3.8,
          within: 0.1,
          subjects: ['rx', 'esc'],
          putRight: ['stand-alone-bec:'],
        },
      ],
    },
  ],
});
