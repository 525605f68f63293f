import { berthed, layoutOf } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import type { Build } from '../../model/plan/build';
import { floatsLevel } from './floats-level';

const afloat = (build: Build) => layoutOf(build).balance!.afloat!;
const forward = berthed({ places: { pack: { x: 0.7 } }, inside: { bareX: 0.405 } });
const aside = berthed({ places: { pack: { y: 0.07 }, motor: { y: 0.08 } } });
const low = berthed({ inside: { depth: 0.068 } });
const high = berthed({ places: { rx: { y: 0 } }, inside: { bareZ: 0.131 } });
const higher = berthed({ inside: { bareZ: 0.25 } });

testRule(floatsLevel, {
  valid: [
    { name: 'a boat on an even keel', build: berthed() },
    {
      name: 'nothing said while a heavy part lies nowhere',
      build: berthed({ places: { pack: null }, inside: { bareX: 0.45 } }),
    },
    {
      name: 'a boat that nobody weighed: asked for',
      build: berthed({ tub: { brief: { kilograms: undefined as never } } }),
      missing: ['mass of the model, ready to run'],
    },
    {
      name: 'a boat that weighs less than its parts',
      build: berthed({ tub: { brief: { kilograms: 0.5 } }, inside: { beam: 0.1 } }),
      missing: ['mass of the model, ready to run: what the Brief says is less than its parts weigh'],
    },
  ],
  invalid: [
    {
      name: 'the pack in the bow',
      build: forward,
      findings: [
        {
          messageId: 'trimmed',
          actual: afloat(forward).trim,
          limit: 0.5,
          says: 'by the bow',
          putRight: ['level:pack'],
        },
      ],
    },
    {
      name: 'weight on one side',
      build: aside,
      findings: [
        {
          messageId: 'heels',
          actual: afloat(aside).heel!,
          limit: 1,
          says: 'to port',
          putRight: ['level:pack'],
        },
      ],
    },
    {
      name: 'a low deck',
      build: low,
      findings: [{ messageId: 'lowSide', actual: afloat(low).freeboard * 1000, limit: 13.6, within: 0.1 }],
    },
    {
      name: 'weight that lies high',
      build: high,
      findings: [{ messageId: 'tender', actual: afloat(high).gm * 1000, limit: 9.6, within: 0.1 }],
    },
    {
      name: 'weight so high that she rolls over',
      build: higher,
      findings: [{ messageId: 'capsizes', actual: afloat(higher).gm * 1000, limit: 0, within: 0.1 }],
    },
    {
      // She would float 56.8 mm deep.
      name: 'a hull too small for its weight',
      build: berthed({ inside: { depth: 0.05 } }),
      findings: [{ messageId: 'overweight', actual: -6.8, limit: 0 }],
    },
  ],
});
