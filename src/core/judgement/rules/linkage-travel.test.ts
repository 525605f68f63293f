import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import type { Linkage } from '../../model/fitting/linkage';
import { linkageTravel } from './linkage-travel';

/** Horn and arm alike: the arm does what the horn does, 50° at 100 %. */
const parallel: Linkage = {
  hornRadius: 0.012,
  armRadius: 0.012,
  along: 0.1,
  across: 0,
  hornDegrees: 90,
  armDegrees: 90,
  stopDegrees: 49,
};
const linked = (change: Partial<Linkage> = {}): Build =>
  tub({ settings: { rudder: { linkage: { ...parallel, ...change } } } });

testRule(linkageTravel, {
  valid: [
    { name: 'no linkage told', build: tub() },
    { name: 'the stop is met at the end of the pulse', build: linked() },
    {
      name: 'end points pulled in to the stop',
      build: { ...linked({ stopDegrees: 30 }), channels: [{ channel: 1, lowEnd: 60, highEnd: 60 }] },
    },
  ],
  invalid: [
    {
      name: 'driven on for two fifths after the stop',
      build: linked({ stopDegrees: 30 }),
      findings: [
        {
          messageId: 'farPastStop',
          actual: 100,
          limit: 60,
          within: 0.1,
          subjects: ['rudder'],
          putRight: ['linkage-ends:1'],
        },
      ],
    },
    {
      name: 'driven on a little after the stop',
      build: linked({ stopDegrees: 45 }),
      findings: [{ messageId: 'pastStop', actual: 100, limit: 90, within: 0.5 }],
    },
    {
      name: 'a short horn on a long arm',
      build: linked({ hornRadius: 0.006, armRadius: 0.018, stopDegrees: 30 }),
      findings: [{ messageId: 'notReached', actual: 51, limit: 80, within: 4 }],
    },
    {
      name: 'a rod that comes into line with the arm',
      build: linked({ hornRadius: 0.016, armRadius: 0.012, stopDegrees: 88 }),
      findings: [{ messageId: 'toggles', actual: 100, limit: 88, within: 12, says: 'arm' }],
    },
  ],
});
