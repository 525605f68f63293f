import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { stated } from '../../base/validation/figure';
import { outputOverload } from './output-overload';

const lamps = (amps: number) => ({
  extra: [{ id: 'lamps', name: 'lamps', part: 'lamp-board' }],
  leads: [['lamps.lead', 'rx.5']] as [string, string][],
  sheets: {
    'receiver-8-skerry': (part: { ports: object[] }) =>
      ({ ...part, ports: part.ports.map((port) => ({ ...port, maxAmps: stated(amps) })) }) as never,
  } as never,
});

testRule(outputOverload, {
  valid: [
    { name: 'an output that states no limit', build: tub({ ...lamps(1), sheets: {} }) },
    { name: '0.24 A on a pin for 1 A', build: tub(lamps(1)) },
    {
      name: 'lamps that do not state their amps',
      build: tub({
        ...lamps(1),
        sheets: { ...(lamps(1).sheets as object), 'lamp-board': withoutFigure('amps') },
      }),
      missing: ['amps of the lamps'],
    },
  ],
  invalid: [
    {
      name: '0.24 A on a pin for 0.1 A',
      build: tub(lamps(0.1)),
      findings: [
        {
          messageId: 'outputOverloaded',
          actual: 0.24,
          limit: 0.1,
          subjects: ['rx', 'lamps'],
          says: 'port 5 of the receiver',
        },
      ],
    },
  ],
});
