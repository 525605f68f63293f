import { sketchBuild } from '../../model/plan/sketch-build';
import { starterPart } from '../../model/starter/starter-locker';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
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
      build: tub({
        sheets: {
          'motor-brushed-620': (part) => withoutFigure('stallAmps')(withoutFigure('fullLoadAmps')(part)),
        },
      }),
      missing: ['amps at full load of the motor'],
    },
    {
      name: 'a servo not plugged in yet',
      build: tub({ without: ['rudder.lead'] }),
    },
  ],
  invalid: [
    {
      name: 'a small pack believed by a third',
      build: tub({ parts: { pack: 'pack-lipo-3s-2200-10c' }, policies: { labelShare: 0.3 } }),
      findings: [
        {
          messageId: 'overdrawn',
          // 8.2 A of motor at 11.1 V, on a full pack, and 1.1 A at 6 V through a regulator of 88 %.
          actual: 8.2 * (12.6 / 11.1) + (6 * 1.1) / (0.88 * 12.6),
          within: 0.4,
          limit: 6.6,
          says: 'more than 30 % of its label',
          putRight: ['swap:pack:pack-lipo-3s-4000-20c'],
        },
      ],
    },
    {
      name: 'four dry cells under a stalled winch',
      build: sketchBuild(
        {
          fittings: [
            { id: 'pack', name: 'cell box', part: 'pack-dry-4' },
            { id: 'rx', name: 'receiver', part: 'receiver-8-skerry' },
            { id: 'winch', name: 'winch', part: 'servo-sail' },
          ],
          leads: [
            ['pack.out', 'rx.B'],
            ['winch.lead', 'rx.1'],
          ],
        },
        starterPart,
      ),
      findings: [{ messageId: 'sags', actual: 0.93, limit: 1, within: 0.06, subjects: ['pack'] }],
    },
  ],
});
