import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { stated } from '../../base/validation/figure';
import { controllerAmps } from './controller-amps';

const motorFor = (amps: number) => ({
  sheets: {
    'motor-brushed-620': (part: object) =>
      ({ ...part, fullLoadAmps: stated(amps), stallAmps: stated(200) }) as never,
  },
});

testRule(controllerAmps, {
  valid: [
    {
      name: 'a motor whose amps nobody states',
      build: tub({
        sheets: {
          'motor-brushed-620': (part) => withoutFigure('stallAmps')(withoutFigure('fullLoadAmps')(part)),
        },
      }),
      missing: ['amps at full load of the motor'],
    },
    {
      name: 'a controller that drives no motor yet',
      build: tub({ without: ['esc.motor'] }),
      missing: ['amps of the motor that the controller is to drive'],
    },
    {
      name: 'a controller that neither has a motor nor is fed',
      build: tub({ without: ['esc.motor', 'pack.out'] }),
    },
    { name: '8.2 A on a controller for 30 A', build: tub() },
    {
      name: 'a controller that does not state its amps',
      build: tub({ sheets: { 'controller-brushed-30-switching': withoutFigure('continuousAmps') } }),
      missing: ['continuous amps of the controller'],
    },
  ],
  invalid: [
    {
      name: '34 A at nominal volts, more on a full pack, on a controller for 30 A',
      build: tub(motorFor(34)),
      findings: [{ messageId: 'overloaded', actual: 35.5, limit: 30, within: 2, subjects: ['esc', 'motor'] }],
    },
    {
      name: '24 A on a controller for 30 A',
      build: tub(motorFor(24)),
      findings: [{ messageId: 'littleHeadroom', actual: 33.2, limit: 30, within: 0.6 }],
    },
  ],
});
