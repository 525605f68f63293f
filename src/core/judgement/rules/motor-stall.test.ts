import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { stated } from '../../base/validation/figure';
import { motorStall } from './motor-stall';

const stalling = (amps: number) =>
  tub({ sheets: { 'motor-brushed-620': (part) => ({ ...part, stallAmps: stated(amps) }) as typeof part } });

testRule(motorStall, {
  valid: [
    { name: '28 A at nominal volts on a controller for 30 A', build: tub() },
    {
      name: 'a motor whose stall amps nobody states',
      build: tub({ sheets: { 'motor-brushed-620': withoutFigure('stallAmps') } }),
    },
  ],
  invalid: [
    {
      name: '50 A at nominal volts',
      build: stalling(50),
      findings: [
        { messageId: 'stallsAbove', actual: (50 * 12.6) / 11.1, limit: 30, subjects: ['motor', 'esc'] },
      ],
    },
    {
      name: '80 A at nominal volts',
      build: stalling(80),
      findings: [
        {
          messageId: 'stallsFarAbove',
          actual: (80 * 12.6) / 11.1,
          limit: 30,
          putRight: ['swap:esc:controller-brushed-60'],
        },
      ],
    },
  ],
});
