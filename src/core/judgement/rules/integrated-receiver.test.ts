import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { integratedReceiver } from './integrated-receiver';

const asFound = { parts: { rx: 'receiver-integrated' }, without: ['esc.lead', 'rudder.lead'] };

testRule(integratedReceiver, {
  valid: [
    { name: 'a receiver of its own', build: tub() },
    {
      name: 'a toy servo with its electronics on the board',
      build: tub({
        ...asFound,
        sheets: { 'servo-micro-60': (part) => ({ ...part, wires: 5 }) as never },
      }),
    },
  ],
  invalid: [
    {
      name: 'an ordinary servo for a combined board',
      build: tub(asFound),
      findings: [
        {
          messageId: 'takesNoServos',
          actual: 0,
          limit: 1,
          subjects: ['rx', 'rudder'],
          says: 'has no port for the rudder',
        },
      ],
    },
  ],
});
