import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { railVoltsHigh } from './rail-volts-high';

testRule(railVoltsHigh, {
  valid: [
    { name: '6 V on a servo for 6.6 V', build: tub() },
    {
      name: '5 V on a servo for 5.2 V',
      build: tub({ parts: { rudder: 'servo-micro-52' }, settings: { esc: { regulatorVolts: 5 } } }),
    },
    {
      name: 'a lifted red wire feeds nobody',
      build: tub({
        parts: { rudder: 'servo-micro-52' },
        wires: { 'esc-lead': (all) => all.map((conductor) => ({ ...conductor, state: 'lifted' as const })) },
      }),
    },
    {
      name: 'a servo whose sheet is silent',
      build: tub({ sheets: { 'servo-micro-60': withoutFigure('maxVolts') } }),
      missing: ['most volts of the rudder'],
    },
    {
      name: 'a servo not plugged in yet',
      build: tub({ without: ['rudder.lead'] }),
    },
  ],
  invalid: [
    {
      name: 'a BEC that nobody has set, by the worst of its choices',
      build: tub({
        parts: { rudder: 'servo-micro-52' },
        settings: { esc: { regulatorVolts: undefined } },
      }),
      findings: [
        {
          messageId: 'tooManyVolts',
          actual: 6,
          limit: 5.2,
          says: 'which nobody has set and which may give 6.0 V',
          putRight: ['set-volts:esc:5'],
        },
      ],
    },
    {
      name: '6 V on a servo for 5.2 V',
      build: tub({ parts: { rudder: 'servo-micro-52' } }),
      findings: [
        {
          messageId: 'tooManyVolts',
          actual: 6,
          limit: 5.2,
          subjects: ['rudder', 'esc'],
          putRight: ['set-volts:esc:5', 'swap:rudder:servo-micro-60'],
        },
      ],
    },
  ],
});
