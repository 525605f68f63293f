import fc from 'fast-check';
import { expect, it } from 'vitest';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import { starterLocker } from '../../model/starter/starter-locker';
import { readingOf } from '../../reading/build-reading/reading';
import { checkBuild } from '../check/check-build';

/** The part with a regulator that gives a share of its amps. */
function weaker(part: PartSpec, share: number): PartSpec {
  if (!('regulator' in part) || !part.regulator) return part;
  const { maxAmps } = part.regulator;
  const regulator = { ...part.regulator, maxAmps: { ...maxAmps, value: maxAmps.value * share } };
  return { ...part, regulator };
}

/** Volts by which a receiver's feed stays above its floor at the worst second, in the solved network; the least of all. */
function toSpare(build: Build): number {
  const { survey, circuit } = readingOf(build, starterLocker);
  const spare = survey.rails.flatMap((rail) =>
    rail.sources.some(({ terminal }) => terminal.regulator)
      ? rail.supplies.flatMap(({ fitted, terminal: { plus, minus, minVolts } }) => {
          const volts = circuit.at('given', 'cutoff')?.across(fitted.fitting.id, plus, minus);
          return fitted.kind === 'receiver' && volts !== undefined ? [volts - (minVolts?.value ?? 4)] : [];
        })
      : [],
  );
  return Math.min(Infinity, ...spare);
}

const railStops = (build: Build): string[] =>
  checkBuild(build, starterLocker)
    .findings.filter(({ rule, severity }) => severity === 'stop' && rule.startsWith('rail-'))
    .map(({ messageId }) => messageId);

it('stops a rail where a receiver falls under its floor, and nowhere else', () => {
  let fell = 0;
  let stayed = 0;
  const builds = fc.constantFrom(...Object.values(soundBuilds));
  fc.assert(
    fc.property(builds, fc.double({ min: 0.1, max: 1, noNaN: true }), (sound, share) => {
      const build = { ...sound, parts: sound.parts.map((part) => weaker(part, share)) };
      const spare = toSpare(build);
      // What reads as the floor itself is told neither way.
      fc.pre(Math.abs(spare) > 0.1 && Number.isFinite(spare));
      const stops = railStops(build);
      if (spare < 0) {
        fell += 1;
        expect(stops).not.toEqual([]);
      } else {
        stayed += 1;
        // More than the label for minutes shuts a regulator down, whatever its volts are until then.
        expect(stops.filter((stop) => stop !== 'askedTooMuch' || !asksForMinutes(build))).toEqual([]);
      }
    }),
    { numRuns: 150, seed: 31 },
  );
  expect(fell).toBeGreaterThan(20);
  expect(stayed).toBeGreaterThan(20);
});

/** Whether a rail asks more than its regulator gives with no servo stalled. */
function asksForMinutes(build: Build): boolean {
  const { survey, circuit } = readingOf(build, starterLocker);
  const steady = circuit.at('steady', 'full');
  return survey.rails.some(
    ({ sources: [source], supplies }) =>
      supplies.reduce((sum, { fitted }) => sum + (steady?.takenAmps(fitted) ?? 0), 0) >
      (source?.terminal.regulator?.maxAmps.value ?? Infinity),
  );
}
