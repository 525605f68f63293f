import { describe, expect, it } from 'vitest';
import { knownModels } from '../../../../tests/kit/known-models';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { straightOuting } from '../../../../tests/kit/straight-outing';
import { readingOf } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import { outingsOf } from './outings';
import { runTrial } from './run-trial';
import { usualTask } from './trial-task';

/** Charge at which a LiPo cell stands at its nominal volts. */
const nominalCharge = 0.3;

const atFullThrottle = (build: Build, charge = nominalCharge) => {
  const task = { ...usualTask(straightOuting(build, 40, 1)), charge };
  const run = runTrial(readingOf(build, []), task);
  if (!run.ok) throw new Error(JSON.stringify(run.problem));
  return run.value;
};
const named = knownModels.map((known) => [known.build.name, known] as const);

describe('a model whose figures are well known', () => {
  it.each(named)('goes as fast, and draws as much: %s', (_, { build, top, amps, peak, peakCharge }) => {
    const { speed, amps: lines } = atFullThrottle(build);
    const { figures } = atFullThrottle(build, peakCharge);
    const drive = lines
      .filter(({ id }) => /^(esc|motor)/.test(id))
      .reduce((sum, { values }) => sum + values.at(-1)!, 0);
    for (const [value, [least, most]] of [
      [speed.values.at(-1)!, top],
      [drive, amps],
      [figures.mostPackAmps, peak],
    ] as const) {
      expect(value).toBeGreaterThanOrEqual(least);
      expect(value).toBeLessThanOrEqual(most);
    }
  });

  it.each(named)('draws as much in the mean on its usual outing: %s', (_, { build, outing: id, mean }) => {
    const run = runTrial(readingOf(build, []), usualTask(outingsOf(build).find((each) => each.id === id)!));
    if (!run.ok) throw new Error(JSON.stringify(run.problem));
    expect(run.value.figures.meanPackAmps).toBeGreaterThanOrEqual(mean[0]);
    expect(run.value.figures.meanPackAmps).toBeLessThanOrEqual(mean[1]);
  });

  it.each(named)('goes faster on another cell, and takes more watts: %s', (_, { build }) => {
    const more = {
      ...build,
      parts: build.parts.map((part) => (part.kind === 'pack' ? { ...part, cells: part.cells + 1 } : part)),
    };
    const [now, then] = [atFullThrottle(build), atFullThrottle(more)];
    expect(then.figures.topSpeed).toBeGreaterThan(1.04 * now.figures.topSpeed);
    // Rolling asks for the same amps at any speed, and tyres for the same most: the watts tell.
    const cells = build.parts.find((part) => part.kind === 'pack')!.cells;
    const watts = (then.figures.meanPackAmps * (cells + 1)) / (now.figures.meanPackAmps * cells);
    expect(watts).toBeGreaterThan(1.05);
  });

  it.each([
    [/^crawler 1:10/, 23, 38],
    [/^small crawler/, 8, 14],
  ])('draws what its windings let through while a wheel is wedged: %s', (name, least, most) => {
    const { build } = knownModels.find((known) => name.test(known.build.name))!;
    const run = runTrial(
      readingOf(build, []),
      usualTask(outingsOf(build).find(({ id }) => id === 'jammed')!),
    );
    if (!run.ok) throw new Error(JSON.stringify(run.problem));
    expect(run.value.figures.mostPackAmps).toBeGreaterThan(least);
    expect(run.value.figures.mostPackAmps).toBeLessThan(most);
  });

  it('sails as fast in gusts, and draws as little: a yacht of a metre', () => {
    const yacht = soundBuilds['yacht on five cells NiMH, 7 V full']!;
    const build = {
      ...yacht,
      brief: { ...yacht.brief, kilograms: 4.2, waterline: 1, sailArea: 0.6 },
    };
    const outing = outingsOf(build).find(({ id }) => id === 'gusts')!;
    const run = runTrial(readingOf(build, []), usualTask(outing));
    if (!run.ok) throw new Error(JSON.stringify(run.problem));
    const { topSpeed, meanPackAmps, mostPackAmps } = run.value.figures;
    expect(topSpeed).toBeGreaterThan(1.1);
    expect(topSpeed).toBeLessThan(1.8);
    expect(meanPackAmps).toBeGreaterThan(0.15);
    expect(meanPackAmps).toBeLessThan(0.4);
    expect(mostPackAmps).toBeLessThan(3.5);
  });

  it('rolls before the wind on wheels where the Brief names a ground, and is asked nothing of a rudder', () => {
    const yacht = soundBuilds['yacht on five cells NiMH, 7 V full']!;
    const build: Build = {
      ...yacht,
      brief: { ...yacht.brief, kilograms: 3.5, sailArea: 0.5, surface: 'asphalt' },
    };
    const outing = outingsOf(build).find(({ id }) => id === 'gusts')!;
    const context = readingOf(build, []);
    const run = runTrial(context, usualTask(outing));
    if (!run.ok) throw new Error(JSON.stringify(run.problem));
    // Drive of the sail against rolling and wind at its fastest: no faster than where they are equal.
    const most = Math.sqrt((0.5 * 1.2 * 0.5 * 4.8 ** 2 * 0.4 - 3.5 * 9.81 * 0.025) / (0.5 * 1.2 * 0.05));
    expect(run.value.figures.topSpeed).toBeGreaterThan(3);
    expect(run.value.figures.topSpeed).toBeLessThan(most);
    const steers = build.functions.find(({ role }) => role === 'steer')!.devices[0]!;
    expect(context.circuit.mechanismLoad(steers)?.words).toBe('turn the wheels at rest');
  });
});
