import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import type { Placement } from '../../model/fitting/placement';
import { standsLevel } from './stands-level';

/** A car of 2 kg with axles at 0.25 and 0.55 m, its parts and all else in the middle of it. */
function car(pack: Partial<Placement>, bareZ = 0.02, brief: { kilograms?: number } = { kilograms: 2 }) {
  const middle = { x: 0.4, y: 0, z: 0.02 };
  return berthed({
    tub: { brief: { kilograms: undefined as never, ...brief } },
    inside: { form: 'car chassis', wheelbase: 0.3, track: 0.2, clearance: 0.01, bareX: 0.4, bareZ },
    places: { pack: { ...middle, ...pack }, esc: middle, motor: middle, rx: middle, rudder: middle },
  });
}

testRule(standsLevel, {
  valid: [
    { name: 'a car in balance', build: car({}) },
    {
      name: 'a car that nobody weighed: asked for',
      build: car({}, 0.021, {}),
      missing: ['mass of the model, ready to run'],
    },
  ],
  invalid: [
    {
      // The pack of 0.32 kg, 0.25 m forward: 0.5 + 0.32·0.25/(2·0.3).
      name: 'the pack in the nose',
      build: car({ x: 0.65 }),
      findings: [
        { messageId: 'frontHeavy', actual: 63.333, limit: 60, within: 0.01, putRight: ['level:pack'] },
      ],
    },
    {
      name: 'the pack in the tail',
      build: car({ x: 0.1 }),
      findings: [{ messageId: 'frontLight', actual: 34, limit: 38, within: 0.01, putRight: ['level:pack'] }],
    },
    {
      // 0.5 + 0.32·0.08/(2·0.2).
      name: 'the pack on one side',
      build: car({ y: 0.08 }),
      findings: [{ messageId: 'oneSided', actual: 56.4, limit: 55, within: 0.01, putRight: ['level:pack'] }],
    },
    {
      name: 'weight that lies high',
      build: car({}, 0.25),
      findings: [{ messageId: 'tips', actual: 26.1, limit: 30, within: 1 }],
    },
  ],
});
