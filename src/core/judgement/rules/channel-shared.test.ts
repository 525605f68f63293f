import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { channelShared } from './channel-shared';

testRule(channelShared, {
  valid: [
    { name: 'a channel each', build: tub() },
    { name: 'a mix that is meant', build: tub({ functions: { drive: { channel: 1, mixed: true } } }) },
  ],
  invalid: [
    {
      name: 'steering and drive on channel 1',
      build: tub({ functions: { drive: { channel: 1 } } }),
      findings: [
        {
          messageId: 'sharedChannel',
          actual: 2,
          limit: 1,
          subjects: ['steer', 'drive'],
          putRight: ['assign-channel:drive:2', 'mean-mix:'],
        },
      ],
    },
  ],
});
