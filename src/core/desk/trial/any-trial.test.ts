import fc from 'fast-check';
import { expect, it } from 'vitest';
import { changed, runs } from '../../../../tests/kit/any-build';
import { readingOf } from '../../reading/build-reading/reading';
import { modelKinds } from '../../model/plan/build';
import { outingsOf } from './outings';
import { runTrial } from './run-trial';
import { usualTask } from './trial-task';

const gears = fc.record(
  {
    gearRatio: fc.double({ min: 0.5, max: 2000, noNaN: true }),
    tyreDiameter: fc.double({ min: 0.005, max: 1, noNaN: true }),
    topSpeed: fc.double({ min: 0.05, max: 60, noNaN: true }),
    kilograms: fc.double({ min: 0.01, max: 500, noNaN: true }),
    screwDiameter: fc.double({ min: 0.005, max: 0.5, noNaN: true }),
    screwPitch: fc.double({ min: 0.005, max: 1, noNaN: true }),
  },
  { requiredKeys: [] },
);

/** Seconds that are looked at: what goes wrong does so early. */
const mostSeconds = 30;

it('any model, whatever its gears and screw, is followed through its outings, or the place of the trouble is told', () => {
  fc.assert(
    fc.property(runs, fc.constantFrom(...modelKinds), gears, fc.nat(3), (run, model, brief, n) => {
      const start = changed(run);
      const build = { ...start, model, brief: { ...start.brief, ...brief } };
      const outings = outingsOf(build);
      const outing = outings[n % outings.length]!;
      const seconds = Math.min(outing.seconds, mostSeconds);
      const done = runTrial(readingOf(build, []), { ...usualTask({ ...outing, seconds }), slices: 50 });
      if (!done.ok) {
        expect(done.problem).toMatchObject({ reason: 'step too small', at: expect.any(String) as string });
        return;
      }
      const { speed, heat, amps, rails } = done.value;
      for (const { name, values } of [speed, ...heat, ...amps, ...rails])
        expect(values.every(Number.isFinite), name).toBe(true);
    }),
    { numRuns: 40 },
  );
});
