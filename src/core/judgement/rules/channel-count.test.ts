import type { ModelFunction } from '../../model/plan/model-function';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { channelCount } from './channel-count';

const lamp = (channel: number): ModelFunction => ({
  id: `lamp-${channel}`,
  name: `Lamp ${channel}`,
  role: 'lights',
  wants: 'twoPosition',
  channel,
  devices: [],
});

testRule(channelCount, {
  valid: [
    { name: 'two functions on eight channels', build: tub() },
    { name: 'the last channel', build: tub({ moreFunctions: [lamp(8)] }) },
  ],
  invalid: [
    {
      name: 'a ninth channel on a receiver for eight',
      build: tub({ moreFunctions: [lamp(9)] }),
      findings: [
        {
          messageId: 'tooFewChannels',
          actual: 9,
          limit: 8,
          subjects: ['rx', 'lamp-9'],
          putRight: ['swap:rx:receiver-10-both'],
        },
      ],
    },
    {
      name: 'more than transmitter and receiver have',
      build: tub({ moreFunctions: [lamp(11)] }),
      findings: [
        { messageId: 'tooFewChannels', actual: 11, limit: 10, subjects: ['tx', 'lamp-11'] },
        { messageId: 'tooFewChannels', actual: 11, limit: 8, subjects: ['rx', 'lamp-11'] },
      ],
    },
  ],
});
