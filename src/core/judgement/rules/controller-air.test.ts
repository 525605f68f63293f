import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { controllerAir } from './controller-air';

const closed = berthed();
const berths = closed.inside!.berths!.map((berth) => ({ ...berth, isAired: false }));

testRule(controllerAir, {
  valid: [{ name: 'a controller in the open', build: berthed() }],
  invalid: [
    {
      name: 'a controller in a closed room',
      build: berthed({ inside: { berths } }),
      findings: [{ messageId: 'closedIn', actual: 0, limit: 1, subjects: ['esc'], putRight: ['air:fore'] }],
    },
    {
      name: 'a controller in foam',
      build: berthed({ places: { esc: { hold: 'foam and strap' } } }),
      findings: [{ messageId: 'inFoam', actual: 0, limit: 1, putRight: ['unwrap:esc'] }],
    },
  ],
});
