import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import type { ChannelSetting } from '../../model/plan/channel-setting';
import { servoTravel } from './servo-travel';

const set = (change: Partial<ChannelSetting>, build: Build = tub()): Build => ({
  ...build,
  channels: [{ channel: 1, ...change }],
});
const lock = tub({ functions: { steer: { role: 'mechanism' } } });

testRule(servoTravel, {
  valid: [
    { name: 'a fresh memory', build: tub() },
    { name: '120 %', build: set({ highEnd: 120 }) },
    { name: 'steering that turns little', build: set({ lowEnd: 30 }) },
    { name: 'a lock at half', build: set({ lowEnd: 50, highEnd: 50 }, lock) },
  ],
  invalid: [
    {
      name: '120 % and sub-trim the same way',
      build: set({ highEnd: 120, subTrim: 60 }),
      findings: [
        {
          messageId: 'beyondTravel',
          actual: 132,
          limit: 130,
          subjects: ['rudder', 'steer'],
          putRight: ['end-points:1'],
        },
      ],
    },
    {
      name: 'a lock at 30 %',
      build: set({ lowEnd: 30 }, lock),
      findings: [{ messageId: 'hardlyMoves', actual: 30, limit: 40, putRight: ['end-points:1'] }],
    },
  ],
});
