import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { screwLength } from './screw-length';

const screwed = (screwInto: number, bossDepth: number) =>
  berthed({ places: { rudder: { screwInto, bossDepth } } });

testRule(screwLength, {
  valid: [
    { name: 'screws of which nobody told', build: berthed() },
    { name: 'screws that end in the boss', build: screwed(0.008, 0.01) },
  ],
  invalid: [
    {
      name: 'screws of 12 mm in bosses of 10',
      build: screwed(0.012, 0.01),
      findings: [{ messageId: 'tooLong', actual: 12, limit: 10, putRight: ['shorter-screws:rudder'] }],
    },
  ],
});
