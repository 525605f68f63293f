import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { endPoints } from './end-points';

const adjustable = (endPointChannels: number | undefined) => ({
  'transmitter-10': (part: object) => ({ ...part, endPointChannels }) as never,
});

testRule(endPoints, {
  valid: [
    { name: 'end points on all ten channels', build: tub() },
    {
      name: 'a horn needs none',
      build: tub({ functions: { steer: { role: 'sound' } }, sheets: adjustable(0) }),
    },
    {
      name: 'a transmitter that does not say',
      build: tub({ sheets: adjustable(undefined) }),
      missing: ['on which channels the transmitter sets end points'],
    },
  ],
  invalid: [
    {
      name: 'a lock on channel 5 of a transmitter with end points on two',
      build: tub({ functions: { steer: { role: 'mechanism', channel: 5 } }, sheets: adjustable(2) }),
      findings: [{ messageId: 'noEndPoints', actual: 5, limit: 2, subjects: ['steer', 'tx'] }],
    },
  ],
});
