import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { stated } from '../../base/validation/figure';
import { motorSpeed } from './motor-speed';

const motor = 'motor-brushed-620';

testRule(motorSpeed, {
  valid: [
    { name: '7 800 rev/min and 12.6 V on a motor for 14 V', build: tub() },
    {
      name: 'a motor that states neither speed nor volts',
      build: tub({ sheets: { [motor]: (part) => withoutFigure('kv')(withoutFigure('maxVolts')(part)) } }),
      missing: ['speed per volt of the motor'],
    },
    { name: 'a motor that nothing drives', build: tub({ without: ['esc.motor'] }) },
  ],
  invalid: [
    {
      name: 'a motor for 10 V on three cells',
      build: tub({ sheets: { [motor]: (part) => ({ ...part, maxVolts: stated(10) }) as typeof part } }),
      findings: [
        {
          messageId: 'tooManyVolts',
          actual: 12.6,
          limit: 10,
          subjects: ['motor', 'pack'],
          says: 'The pack gives the motor too many volts',
        },
      ],
    },
    {
      name: '3 000 rev/min per volt on a brushed motor and three cells',
      build: tub({
        sheets: {
          [motor]: (part) => withoutFigure('maxVolts')({ ...part, kv: stated(3000) } as typeof part),
        },
      }),
      findings: [{ messageId: 'tooFast', actual: 37800, limit: 30000, putRight: ['swap:motor:'] }],
    },
  ],
});
