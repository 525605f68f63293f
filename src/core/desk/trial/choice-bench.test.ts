import { describe, expect, it } from 'vitest';
import { knownModels } from '../../../../tests/kit/known-models';
import { straightOuting } from '../../../../tests/kit/straight-outing';
import { applyEdits } from '../../model/plan/edits';
import type { Build } from '../../model/plan/build';
import { choiceEdits, choicePoint, choicesOf, figureOf, type Choice } from './choice-bench';
import { usualTask } from './trial-task';

const modelOf = (name: string) => knownModels.find(({ build }) => build.name.startsWith(name))!.build;
const tried = (name: string, choice: Choice, moreCells = 0, seconds = 120) => {
  const build = modelOf(name);
  const range = choicesOf(build).find((each) => each.choice === choice)!;
  const task = usualTask(straightOuting(build, seconds, 1));
  const at = (value: number) => choicePoint(build, task, { choice, value, moreCells, withSpread: false })!;
  return { build, range, first: at(range.values[0]!), now: at(range.now), last: at(range.values.at(-1)!) };
};

describe('a choice tried on a model', () => {
  it('of gears: a car goes slower, cooler and longer the shorter it is geared', () => {
    const { range, first, now, last } = tried('touring car', 'gearRatio');
    expect(range.now).toBe(7);
    expect(range.values).toContain(7);
    expect([first, now, last].map(({ topSpeed }) => topSpeed)).toEqual(
      [first, now, last].map(({ topSpeed }) => topSpeed).sort((a, b) => b - a),
    );
    expect(last.topSpeed).toBeLessThan(0.65 * now.topSpeed);
    expect(first.motor!.celsius).toBeGreaterThan(now.motor!.celsius);
    expect(last.runMinutes).toBeGreaterThan(now.runMinutes);
  });

  it('is as sure as its estimates are: a band about each figure, wider with less known, the same each time', () => {
    const build = modelOf('touring car');
    const task = usualTask(straightOuting(build, 20, 1));
    const at = (tried: Build) =>
      choicePoint(tried, task, { choice: 'gearRatio', value: 7, moreCells: 0, withSpread: true })!;
    const point = at(build);
    for (const name of ['topSpeed', 'meanAmps', 'runMinutes', 'motorCelsius'] as const) {
      const [least, most] = point.spread![name]!;
      expect(least).toBeLessThan(figureOf(point, name)!);
      expect(most).toBeGreaterThan(figureOf(point, name)!);
    }
    expect(at(build)).toEqual(point);
    const unweighed = { ...build, brief: { ...build.brief, kilograms: undefined } } as unknown as Build;
    const width = ([least, most]: readonly [number, number]) => most - least;
    expect(width(at(unweighed).spread!.meanAmps!)).toBeGreaterThan(width(point.spread!.meanAmps!));
  });

  it('marks where a hull that does not plane squats', () => {
    expect(tried('launch', 'screwDiameter', 0, 20).now.doubtfulFrom).toBeCloseTo(
      0.5 * Math.sqrt(9.81 * 0.75),
      6,
    );
    expect(tried('planing hull', 'screwDiameter', 0, 20).now.doubtfulFrom).toBeUndefined();
  });

  it('of a screw that is far too large says what gives way', () => {
    const { now, last } = tried('launch', 'screwDiameter', 0, 900);
    expect(last.motor!.celsius).toBeGreaterThan(last.motor!.limit);
    expect(last.breaks).toContain('hotter than');
    expect(now.meanAmps).toBeLessThan(last.meanAmps);
  });

  it('of a screw: a larger one draws more; so large that it cavitates, it draws on and pushes little more', () => {
    const { first, now, last } = tried('planing hull', 'screwDiameter', 0, 30);
    expect(first.mostAmps).toBeLessThan(now.mostAmps);
    expect(last.mostAmps).toBeGreaterThan(1.5 * now.mostAmps);
  });

  it('with another cell: faster, and shorter', () => {
    const [two, three] = [
      tried('planing hull', 'screwPitch', 0, 30),
      tried('planing hull', 'screwPitch', 1, 30),
    ];
    expect(three.now.topSpeed).toBeGreaterThan(1.1 * two.now.topSpeed);
    expect(three.now.meanAmps).toBeGreaterThan(two.now.meanAmps);
  });

  it('of a pack: twice the charge lasts less than twice as long, as it weighs more', () => {
    const { build, range, now } = tried('touring car', 'ampHours');
    const task = usualTask(straightOuting(build, 120, 1));
    const twice = choicePoint(build, task, {
      choice: 'ampHours',
      value: 2 * range.now,
      moreCells: 0,
      withSpread: false,
    })!;
    expect(twice.runMinutes / now.runMinutes).toBeGreaterThan(1.6);
    expect(twice.runMinutes / now.runMinutes).toBeLessThan(2);
  });

  it('is taken into the Brief as it was tried', () => {
    const build = modelOf('touring car');
    const after = applyEdits(build, choiceEdits(build, 'gearRatio', 8.5));
    expect(after.brief.gearRatio).toBe(8.5);
    expect(choicesOf(after)[0]).toMatchObject({ choice: 'gearRatio', now: 8.5 });
  });
});
