import { testRule } from '../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../tests/kit/tub';
import { controllerVolts } from './controller-volts';

const controller = 'controller-brushed-30-switching';

testRule(controllerVolts, {
  valid: [
    { name: 'three cells on a controller for 13 V', build: tub() },
    { name: 'a controller that no pack reaches', build: tub({ without: ['pack.out'] }) },
    {
      name: 'a sheet that does not state the most volts',
      build: tub({ sheets: { [controller]: withoutFigure('maxInputVolts') } }),
      missing: ['most volts of the controller'],
    },
  ],
  invalid: [
    {
      name: 'a fourth cell',
      build: tub({ parts: { pack: 'pack-lipo-4s-4000-20c' } }),
      findings: [
        {
          messageId: 'tooManyVolts',
          actual: 16.8,
          limit: 13,
          subjects: ['esc', 'pack'],
          says: 'The pack gives the controller too many volts',
          putRight: ['swap:pack:'],
        },
      ],
    },
    {
      name: 'a pack that sinks below what the controller needs',
      build: tub({
        sheets: {
          [controller]: (part) =>
            ({ ...part, minInputVolts: { value: 10.5, provenance: 'stated' } }) as typeof part,
        },
      }),
      findings: [{ messageId: 'tooFewVolts', actual: 9.9, limit: 10.5 }],
    },
  ],
});
