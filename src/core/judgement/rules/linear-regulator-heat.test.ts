import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { linearRegulatorHeat } from './linear-regulator-heat';

const linear = { esc: 'controller-brushed-30-linear' };
const on5 = { esc: { regulatorVolts: 5 } };

testRule(linearRegulatorHeat, {
  valid: [
    { name: 'a switching regulator', build: tub() },
    {
      name: 'two cells, where little is burnt',
      build: tub({ parts: { ...linear, pack: 'pack-lipo-2s-5000-20c' }, settings: on5 }),
    },
    {
      name: 'a linear regulator that does not state its heat',
      build: tub({
        parts: linear,
        settings: on5,
        sheets: {
          'controller-brushed-30-linear': (part) =>
            part.kind === 'controller'
              ? {
                  ...part,
                  regulator: {
                    type: 'linear',
                    voltsChoices: [5],
                    maxAmps: { value: 3, provenance: 'stated' },
                  },
                }
              : withoutFigure('maxWatts')(part),
        },
      }),
    },
  ],
  invalid: [
    {
      name: 'three cells: 6 W over 7.6 V leave 0.79 A',
      build: tub({
        parts: { ...linear, rudder: 'servo-standard' },
        settings: on5,
        extra: [
          { id: 's2', name: 'second', part: 'servo-standard' },
          { id: 's3', name: 'third', part: 'servo-standard' },
        ],
        leads: [
          ['s2.lead', 'rx.5'],
          ['s3.lead', 'rx.6'],
        ],
      }),
      findings: [
        // Three standard servos moving, 0.29 A each at 5 V, and 0.1 A of receiver.
        {
          messageId: 'tooHot',
          actual: 0.97,
          limit: 6 / 7.6,
          within: 0.03,
          subjects: ['esc'],
          says: 'on 12.6 V',
        },
      ],
    },
  ],
});
