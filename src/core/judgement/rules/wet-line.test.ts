import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { wetLine } from './wet-line';

testRule(wetLine, {
  valid: [
    { name: 'electronics over the water', build: berthed() },
    { name: 'a boxed receiver in it', build: berthed({ places: { rx: { z: 0.002, isBoxed: true } } }) },
    {
      name: 'a model that water never gets into',
      build: berthed({ places: { rx: { z: 0.002 } }, inside: { wetLine: 0 } }),
    },
    {
      name: 'a sealed receiver in it',
      build: berthed({
        places: { rx: { z: 0.002 } },
        tub: { sheets: { 'receiver-8-skerry': (part) => ({ ...part, protection: 'sealed' }) as never } },
      }),
    },
  ],
  invalid: [
    {
      name: 'a receiver on the floor',
      build: berthed({ places: { rx: { z: 0.002 } } }),
      findings: [
        {
          messageId: 'inBilge',
          actual: 2,
          limit: 10,
          subjects: ['rx'],
          putRight: ['raise:rx', 'seal:rx', 'place:rx'],
        },
      ],
    },
  ],
});
