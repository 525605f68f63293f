import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { partUnfed } from './part-unfed';

const second = {
  extra: [
    { id: 'harness', name: 'harness', part: 'harness-five-way' },
    { id: 'esc2', name: 'winch controller', part: 'controller-brushed-30-switching' },
  ],
  without: ['adapter.out'],
};
const outlets = [
  ['adapter.out', 'harness.in'],
  ['harness.large 1', 'esc.power'],
] as [string, string][];

testRule(partUnfed, {
  valid: [
    { name: 'everything fed', build: tub() },
    {
      name: 'a controller that is not plugged in anywhere',
      build: tub({ ...second, leads: outlets }),
      missing: ['which motor the winch controller drives', 'what feeds the winch controller'],
    },
    {
      name: 'a motor that no controller drives',
      build: tub({ without: ['esc.motor'] }),
      missing: ['which controller drives the motor'],
    },
    {
      name: 'nothing wired yet',
      build: tub({ without: ['pack', 'adapter', 'esc', 'rudder'] }),
      missing: ['which controller drives the motor', 'what feeds the controller', 'what feeds the rudder'],
    },
    {
      name: 'servos on a receiver that nothing feeds are told with the receiver',
      build: tub({ without: ['esc.lead'] }),
    },
  ],
  invalid: [
    {
      name: 'a controller in the receiver, with its power plug hanging free',
      build: tub({ ...second, leads: [...outlets, ['esc2.lead', 'rx.4']] }),
      findings: [
        {
          messageId: 'noPower',
          actual: 0,
          limit: 1,
          subjects: ['esc2', 'esc2-lead--rx-4'],
          putRight: ['feed:esc2.power:harness.large 2'],
        },
      ],
    },
    {
      name: 'an electronic switch with nothing to switch',
      build: tub({
        extra: [
          { id: 'switch', name: 'pump switch', part: 'switch-electronic-5a' },
          { id: 'pump', name: 'pump', part: 'pump-12' },
        ],
        leads: [
          ['switch.lead', 'rx.7'],
          ['switch.out', 'pump.power'],
        ],
      }),
      findings: [
        { messageId: 'noPower', actual: 0, limit: 1, says: 'No power reaches the pump' },
        { messageId: 'nothingToSwitch', actual: 0, limit: 1 },
      ].reverse(),
    },
  ],
});
