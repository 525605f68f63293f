import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { throttleChannel } from './throttle-channel';

testRule(throttleChannel, {
  valid: [
    { name: 'drive on channel 3, as the map says', build: tub() },
    { name: 'no drive function', build: tub({ functions: { drive: { role: 'mechanism' } } }) },
  ],
  invalid: [
    {
      name: 'drive planned on channel 1 of a receiver that keeps 3',
      build: tub({ functions: { drive: { channel: 1 }, steer: { channel: 3 } } }),
      findings: [
        {
          messageId: 'throttleElsewhere',
          actual: 1,
          limit: 3,
          subjects: ['drive', 'rx'],
          putRight: ['throttle-channel:drive:3'],
        },
      ],
    },
  ],
});
