import { testRule } from '../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../tests/kit/tub';
import { packAmps } from './pack-amps';

testRule(packAmps, {
  valid: [
    { name: '48 A allowed, some 9 A asked', build: tub() },
    {
      name: 'a label that does not state its rate',
      build: tub({ sheets: { 'pack-lipo-3s-4000-20c': withoutFigure('dischargeRate') } }),
      missing: ['capacity and discharge rate of the pack'],
    },
    {
      name: 'a motor whose amps nobody states',
      build: tub({ sheets: { 'motor-brushed-620': withoutFigure('fullLoadAmps') } }),
      missing: ['amps at full load of motor'],
    },
    {
      name: 'a servo not plugged in yet',
      build: tub({ without: ['rudder.lead'] }),
      missing: ['amps of a part not plugged in yet'],
    },
  ],
  invalid: [
    {
      name: 'a small pack believed by a third',
      build: tub({ parts: { pack: 'pack-lipo-3s-2200-10c' }, policies: { labelShare: 0.3 } }),
      findings: [
        {
          messageId: 'overdrawn',
          // 8.2 A of motor, and 1.1 A at 6 V through a regulator of 88 % from 11.1 V.
          actual: 8.2 + (6 * 1.1) / (0.88 * 11.1),
          limit: 6.6,
          says: 'derated to 30 %',
          putRight: ['swap:pack:pack-lipo-3s-4000-20c'],
        },
      ],
    },
  ],
});
