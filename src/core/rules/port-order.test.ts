import { turned } from '../plan/sketch-build';
import { testRule } from '../../../tests/kit/test-rule';
import { tub } from '../../../tests/kit/tub';
import { portOrder } from './port-order';

testRule(portOrder, {
  valid: [
    { name: 'each in the port of its channel', build: tub() },
    {
      name: 'not plugged in yet',
      build: tub({ without: ['rudder.lead'] }),
      missing: ['the receiver port of the rudder'],
    },
    { name: 'a turned plug is another rule’s', build: tub({ wires: { 'rudder-lead': turned } }) },
  ],
  invalid: [
    {
      name: 'controller and rudder exchanged: said once, as the motor’s',
      build: tub({
        without: ['esc.lead', 'rudder.lead'],
        leads: [
          ['esc.lead', 'rx.1'],
          ['rudder.lead', 'rx.3'],
        ],
      }),
      findings: [
        {
          messageId: 'motorOnWrongPort',
          actual: 1,
          limit: 3,
          subjects: ['esc', 'rx', 'drive'],
          says: 'in the port for steering',
          putRight: ['move-plug:rx:1:3'],
        },
      ],
    },
    {
      name: 'a rudder in a free port',
      build: tub({ without: ['rudder.lead'], leads: [['rudder.lead', 'rx.5']] }),
      findings: [
        {
          messageId: 'deviceOnWrongPort',
          actual: 5,
          limit: 1,
          says: 'the port for channel 5',
          putRight: ['move-plug:rx:5:1'],
        },
      ],
    },
  ],
});
