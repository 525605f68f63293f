import { lifted } from '../../model/plan/sketch-build';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { railNoSource } from './rail-no-source';

testRule(railNoSource, {
  valid: [
    { name: 'one red wire in', build: tub() },
    {
      name: 'a receiver with nothing in it yet',
      build: tub({ without: ['esc.lead', 'rudder.lead'] }),
      missing: ['what feeds the receiver'],
    },
    {
      name: 'no pack chosen yet',
      build: tub({ without: ['pack.out'] }),
      missing: ['what feeds the receiver'],
    },
  ],
  invalid: [
    {
      name: 'the only red wire lifted',
      build: tub({ wires: { 'esc-lead': lifted('plus') } }),
      findings: [
        {
          messageId: 'nothingFeeds',
          actual: 0,
          limit: 1,
          subjects: ['rx', 'esc'],
          putRight: ['restore-red:esc'],
        },
      ],
    },
  ],
});
