import { berthed, layoutOf } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { starterPart } from '../../model/starter/starter-locker';
import { leadReach } from './lead-reach';

// From the rudder's lead to the hole √(0.2285² + 0.0185²), from there to the receiver √(0.143² + 0.07² + 0.0335²).
const way = Math.hypot(0.2285, 0.0185) + Math.hypot(0.143, 0.07, 0.0335);
const needed = Math.round(way * 1.15 * 10_000) / 10;
const preset = berthed({
  inside: { length: undefined as never, berths: undefined as never, passages: undefined as never },
  lengths: { 'rudder-lead': 0.02, 'pack-out': 0.4, adapter: 0.4, 'esc-motor': 0.6 },
});
const guessed = layoutOf(preset).routes.find(({ run }) => run.leads[0]?.id.startsWith('rudder'))!.needed;

testRule(leadReach, {
  valid: [
    { name: 'a lead long enough', build: berthed({ lengths: { 'rudder-lead': 0.46 } }) },
    {
      name: 'a servo whose sheet tells of its lead',
      build: berthed({
        tub: {
          sheets: {
            'servo-micro-60': (part) =>
              ({ ...part, leadLength: { value: 0.5, provenance: 'stated' } }) as never,
          },
        },
      }),
    },
  ],
  invalid: [
    {
      name: 'a lead that nobody measured, on a longer way than such leads reach',
      build: berthed(),
      findings: [
        {
          messageId: 'unmeasured',
          actual: 300,
          limit: needed,
          within: 0.1,
          says: 'Usual leads of the rudder may not reach the receiver through the hole',
          putRight: ['extend:', 'longer:'],
        },
      ],
    },
    {
      name: 'a lead of 200 mm through the hole',
      build: berthed({ lengths: { 'rudder-lead': 0.2 } }),
      findings: [
        {
          messageId: 'short',
          actual: 200,
          limit: needed,
          within: 0.1,
          says: 'The lead of the rudder does not reach the receiver through the hole',
          putRight: ['extend:', 'longer:'],
        },
      ],
    },
    {
      name: 'the lead that a servo came with',
      build: berthed({
        tub: {
          sheets: {
            'servo-micro-60': () =>
              ({
                ...starterPart('servo-micro-60'),
                leadLength: { value: 0.25, provenance: 'stated' },
              }) as never,
          },
        },
      }),
      findings: [{ messageId: 'short', actual: 250, limit: needed, within: 0.1, putRight: ['extend:'] }],
    },
    {
      name: 'a short lead in a model that nobody measured',
      build: preset,
      findings: [{ messageId: 'shortGuessed', actual: 20, limit: guessed * 1000, within: 0.1 }],
    },
  ],
});
