import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { packHeld } from './pack-held';

testRule(packHeld, {
  valid: [
    { name: 'a pack on foam', build: berthed() },
    { name: 'a strapped pack', build: berthed({ places: { pack: { hold: 'strap' } } }) },
    {
      name: 'a pack of which nobody said what holds it',
      build: berthed({ places: { pack: { hold: undefined as never } } }),
      missing: ['what holds the pack'],
    },
  ],
  invalid: [
    {
      name: 'a pack on tape',
      build: berthed({ places: { pack: { hold: 'tape' } } }),
      findings: [{ messageId: 'hard', actual: 0, limit: 1, says: 'tape alone', putRight: ['pad:pack'] }],
    },
    {
      name: 'a screwed pack',
      build: berthed({ places: { pack: { hold: 'screws' } } }),
      findings: [{ messageId: 'hard', actual: 0, limit: 1, says: 'screws', putRight: ['pad:pack'] }],
    },
  ],
});
