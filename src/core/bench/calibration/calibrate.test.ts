import { randomLcg, randomNormal } from 'd3-random';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { knownModels } from '../../../../tests/kit/known-models';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { readingOf } from '../../reading/build-reading/reading';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { outingsOf } from '../../desk/trial/outings';
import { usualTask } from '../../desk/trial/trial-task';
import { calibrate, type TakenReading } from './calibrate';
import { ReadingsForetold } from './predict-readings';
import { readingKinds, readingSigma, type ReadingKind } from './reading-kinds';

const on = '2026-11-27T08:00:00.000Z';
const taskOf = (build: Build) => usualTask(outingsOf(build)[0]!);

/** A build whose servos came with three figures on their box. */
const thin = (build: Build): Build => ({
  ...build,
  parts: build.parts.map((part): PartSpec =>
    part.kind === 'servo'
      ? { ...part, sheet: part.sheet.map(({ stallAmps: _, runningAmps: __, ...point }) => point) }
      : part,
  ),
});
const modelOf = (name: string) => knownModels.find(({ build }) => build.name.startsWith(name))!.build;

const onBench = [
  demoBuild('harbour-tug'),
  demoBuild('survey-catamaran'),
  soundBuilds['crawler with its own BEC, red wire lifted']!,
  soundBuilds['workboat with lamps, horn and pump']!,
].map(thin);
const underWay = [modelOf('launch'), modelOf('touring')];

/** Readings of a model whose estimates are truly off by random factors of their ranges, with the errors that instruments have. */
function readTruth(build: Build, kinds: readonly ReadingKind[], seed: number) {
  const source = randomLcg(((seed + 3) * 0.754877666) % 1);
  const normal = randomNormal.source(source)(0, 1);
  const context = readingOf(build, []);
  const task = taskOf(build);
  const foretold = new ReadingsForetold(context, task, kinds);
  const truth = new Map<string, number>();
  for (const place of foretold.places)
    for (const { key, least, most } of foretold.at(place, new Map()).estimates)
      if (!truth.has(key)) truth.set(key, Math.exp((normal() * Math.log(most / least)) / 4));
  // Twins share what their sheet is off by.
  const sheets = new Map(build.fittings.map(({ id, part }) => [id, part]));
  const shared = new Map<string, number>();
  for (const [key, factor] of truth) {
    const sheet = sheets.get(key.slice(0, key.lastIndexOf('.')));
    if (sheet === undefined) continue;
    const name = `${sheet}${key.slice(key.lastIndexOf('.'))}`;
    const own = shared.get(name) ?? factor;
    shared.set(name, own);
    truth.set(key, own);
  }
  const readings = foretold.places.flatMap((place) =>
    [...foretold.at(place, truth).values].map(([what, value]): TakenReading => {
      const kind = kinds.find((each) => each.what === what)!;
      return { what, value: value + normal() * readingSigma(kind, value, task.air) };
    }),
  );
  return { context, task, truth, readings };
}

function runOf(build: Build, places: RegExp, seed: number) {
  const kinds = readingKinds(readingOf(build, [])).filter(({ place }) => places.test(place));
  return readTruth(build, kinds, seed);
}

describe('readings on the real model', () => {
  it('recover planted true figures within the stated error, on sixteen seeded builds', () => {
    let [figures, within, alone] = [0, 0, 0];
    for (let seed = 0; seed < 16; seed += 1) {
      const isMoving = seed % 10 === 9;
      const build = isMoving
        ? underWay[((seed - 9) / 10) % underWay.length]!
        : onBench[seed % onBench.length]!;
      const { context, task, truth, readings } = runOf(build, isMoving ? /straight/ : /rest|held/, seed);
      const done = calibrate(context, task, readings, on);
      if (!done.ok) throw new Error(done.problem);
      for (const { key, prior, posterior, sigma, priorSigma } of done.value.figures) {
        const off = Math.abs(Math.log(posterior / prior) - Math.log(truth.get(key)!));
        // Twins vary a little each, which nobody can tell apart from the sheet.
        const error = Math.hypot(sigma, 0.02);
        figures += 1;
        if (off <= 2 * error) within += 1;
        expect(off, `${build.name} ${seed} ${key}`).toBeLessThan(5 * error);
        expect(sigma).toBeLessThanOrEqual(priorSigma + 1e-9);
      }
      alone += done.value.readings.filter(({ isExplained }) => !isExplained).length;
    }
    console.log(`calibration: ${within} of ${figures} figures within two σ, ${alone} readings left out`);
    expect(figures).toBeGreaterThan(60);
    expect(within / figures).toBeGreaterThan(0.9);
  });

  it('that a fault has spoilt are flagged, and move nothing', () => {
    let flagged = 0;
    const seeds = 12;
    for (let seed = 0; seed < seeds; seed += 1) {
      const build = onBench[seed % onBench.length]!;
      const { context, task, readings } = runOf(build, /rest|held/, seed);
      const spoilt = readings.findIndex(({ what }) => what.startsWith('heldVolts'));
      const faulty = readings.map((reading, n) =>
        n === spoilt ? { ...reading, value: 0.55 * reading.value } : reading,
      );
      const done = calibrate(context, task, faulty, on);
      if (!done.ok) throw new Error(done.problem);
      if (done.value.readings[spoilt]!.isExplained === false) flagged += 1;
    }
    expect(flagged).toBeGreaterThanOrEqual(0.95 * seeds);
  });

  it('make the plan say what was read, as far as the error and the range allow', () => {
    const build = modelOf('launch');
    const context = readingOf(build, []);
    const exact = { what: 'fullAmps', value: 3, error: 0.01 };
    const done = calibrate(context, taskOf(build), [exact], on);
    if (!done.ok) throw new Error(done.problem);
    const [reading] = done.value.readings;
    expect(reading!.isExplained).toBe(true);
    expect(Math.abs(reading!.after - 3)).toBeLessThan(Math.abs(reading!.before - 3));
    const after = applyEdits(
      build,
      done.value.measured.map((measured) => ({ type: 'measure', measured })),
    );
    const again = calibrate(readingOf(after, []), taskOf(after), [exact], on);
    if (!again.ok) throw new Error(again.problem);
    expect(again.value.readings[0]!.before).toBeCloseTo(reading!.after, 2);
    expect(after.measured!.every(({ said }) => said === 'amps of the pack at full ahead 3 A')).toBe(true);
  });

  it('of nothing that the plan tells are refused, with why', () => {
    const yacht = demoBuild('salt-flat-yacht');
    const context = readingOf(yacht, []);
    expect(calibrate(context, taskOf(yacht), [{ what: 'topSpeed', value: 5 }], on)).toEqual({
      ok: false,
      problem: '“topSpeed” cannot be read on this model',
    });
    const boat = readingOf(demoBuild('harbour-tug'), []);
    expect(calibrate(boat, taskOf(boat.build), [{ what: 'heldAmps:pump', value: 5 }], on)).toMatchObject({
      ok: false,
    });
  });
});
