import { testRule } from '../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../tests/kit/tub';
import { stated } from '../quantity/figure';
import { controllerAmps } from './controller-amps';

const motorFor = (amps: number) => ({
  sheets: { 'motor-brushed-620': (part: object) => ({ ...part, fullLoadAmps: stated(amps) }) as never },
});

testRule(controllerAmps, {
  valid: [
    { name: '8.2 A on a controller for 30 A', build: tub() },
    {
      name: 'a controller that does not state its amps',
      build: tub({ sheets: { 'controller-brushed-30-switching': withoutFigure('continuousAmps') } }),
      missing: ['continuous amps of the controller'],
    },
  ],
  invalid: [
    {
      name: '34 A on a controller for 30 A',
      build: tub(motorFor(34)),
      findings: [{ messageId: 'overloaded', actual: 34, limit: 30, subjects: ['esc', 'motor'] }],
    },
    {
      name: '26 A on a controller for 30 A',
      build: tub(motorFor(26)),
      findings: [{ messageId: 'littleHeadroom', actual: 32.5, limit: 30 }],
    },
  ],
});
