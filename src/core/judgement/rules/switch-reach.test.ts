import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { switchReach } from './switch-reach';

const withSwitch = (x: number) =>
  berthed({
    tub: { extra: [{ id: 'switch', name: 'hand switch', part: 'hand-switch-blade' }] },
    places: { switch: { x, y: -0.06 } },
  });

testRule(switchReach, {
  valid: [{ name: 'a switch under the hatch', build: withSwitch(0.15) }],
  invalid: [
    {
      name: 'a switch in a room that no hand gets into',
      build: withSwitch(0.5),
      findings: [
        { messageId: 'shutIn', actual: 0, limit: 1, subjects: ['switch'], putRight: ['place:switch'] },
      ],
    },
  ],
});
