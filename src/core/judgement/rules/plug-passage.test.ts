import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { plugPassage } from './plug-passage';

const slot = (across: number, slotHigh: number) => [
  { id: 'hole', name: 'slot', from: 'aft', to: 'fore', x: 0.3, y: 0, z: 0.06, across, slotHigh },
];
const packAft = { pack: { x: 0.15, y: 0.05 } };

testRule(plugPassage, {
  valid: [
    { name: 'a servo plug through 16 mm', build: berthed() },
    {
      name: 'a power plug through a slot',
      build: berthed({ places: packAft, inside: { passages: slot(0.017, 0.009) } }),
    },
    {
      name: 'a lead that is led through first',
      build: (() => {
        const build = berthed({ places: packAft });
        return { ...build, leads: build.leads.map((lead) => ({ ...lead, isThreaded: true })) };
      })(),
    },
  ],
  invalid: [
    {
      name: 'a power plug of 16 × 8 through a hole of 16: its diagonal is 17.9',
      build: berthed({ places: packAft }),
      findings: [{ messageId: 'tooBig', actual: 17.9, limit: 16, putRight: ['thread:', 'widen:hole'] }],
    },
    {
      name: 'the same through a slot that is wide but low',
      build: berthed({ places: packAft, inside: { passages: slot(0.03, 0.006) } }),
      findings: [{ messageId: 'tooBig', actual: 8, limit: 6, putRight: ['widen:hole'] }],
    },
  ],
});
