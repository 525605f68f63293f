import { describe, expect, it } from 'vitest';
import { soundBuilds } from '../../../tests/kit/sound-builds';
import { straightOuting } from '../../../tests/kit/straight-outing';
import { tub } from '../../../tests/kit/tub';
import type { Build } from '../plan/build';
import { checkContext } from '../check/check-context';
import { usualOutings } from './outings';
import { runTrial } from './run-trial';
import { usualTask } from './trial-task';

/** Straight on: nothing but the drive, from standing to some throttle. */
function straight(build: Build, seconds: number, throttle: number, effort = 1) {
  const outing = straightOuting(build, seconds, throttle, effort, 0.2);
  const run = runTrial(checkContext(build, []), { ...usualTask(outing), charge: 0.5 });
  if (!run.ok) throw new Error(JSON.stringify(run.problem));
  return run.value;
}

const withMass = (build: Build, kilograms: number): Build => ({
  ...build,
  brief: { ...build.brief, kilograms },
});

const car = soundBuilds['brushless car']!;

/** Seconds until most of the last speed is reached. */
function secondsToSpeed({ speed, seconds }: ReturnType<typeof straight>): number {
  const last = speed.values.at(-1)!;
  const at = speed.values.findIndex((value) => value > 0.8 * last);
  return ((at + 1) / speed.values.length) * seconds;
}

describe('a hull', () => {
  it('makes its screw work hardest before it has gathered way', () => {
    const { amps, speed } = straight(tub(), 40, 1);
    const motor = [...amps.find((line) => line.id === 'motor')!.values];
    const [starting, settled] = [Math.max(...motor.slice(40, 80)), motor.at(-1)!];
    expect(starting).toBeGreaterThan(1.08 * settled);
    expect(speed.values.at(-1)!).toBeGreaterThan(1.2);
  });

  it('is held back by a tow, and draws more for it', () => {
    const [free, towing] = [straight(tub(), 40, 1), straight(tub(), 40, 1, 1.5)];
    expect(towing.figures.topSpeed).toBeLessThan(0.9 * free.figures.topSpeed);
    expect(towing.figures.meanPackAmps).toBeGreaterThan(1.2 * free.figures.meanPackAmps);
  });
});

describe('a model on wheels', () => {
  it('takes longer to its speed the heavier it is', () => {
    const [light, heavy] = [1, 3].map((value) => secondsToSpeed(straight(withMass(car, value), 15, 1)));
    expect(heavy!).toBeGreaterThan(1.3 * light!);
  });

  it('takes from its pack what rolling, drag and its losses need, and no more', () => {
    const { amps, cells, speed } = straight(withMass(car, 1.6), 30, 1);
    const metresPerSecond = speed.values.at(-1)!;
    const motorAmps = amps.find((line) => line.id === 'motor')!.values.at(-1)!;
    const packVolts = cells[0]!.values.at(-1)! * 3;
    const force = 0.04 * 1.6 * 9.81 + 0.5 * 1.2 * 0.025 * metresPerSecond ** 2;
    const share = (force * metresPerSecond) / (packVolts * motorAmps);
    expect(metresPerSecond).toBeGreaterThan(7);
    expect(share).toBeGreaterThan(0.3);
    expect(share).toBeLessThan(0.75);
  });

  it('draws more uphill', () => {
    const hill = usualOutings(car).find((outing) => outing.id === 'hill-climb')!;
    const flat = straight(car, 20, 0.9);
    const up = straight(car, 20, 0.9, hill.effort);
    expect(up.figures.meanPackAmps).toBeGreaterThan(1.8 * flat.figures.meanPackAmps);
    expect(up.figures.topSpeed).toBeLessThan(flat.figures.topSpeed);
  });
});

describe('the top speed in the Brief', () => {
  const geared = (topSpeed: number) => ({ ...car, brief: { ...car.brief, topSpeed } });

  it('is about how fast a model on wheels gets, and a taller gearing draws more', () => {
    const [slow, fast] = [5, 12].map((value) => straight(geared(value), 30, 1));
    expect(slow!.figures.topSpeed).toBeGreaterThan(4.5);
    expect(slow!.figures.topSpeed).toBeLessThan(6.5);
    expect(fast!.figures.topSpeed).toBeGreaterThan(1.6 * slow!.figures.topSpeed);
    expect(fast!.figures.meanPackAmps).toBeGreaterThan(1.3 * slow!.figures.meanPackAmps);
  });

  it('is no estimate any more', () => {
    const keys = (build: Build) => straight(build, 2, 1).estimates.map((estimate) => estimate.key);
    expect(keys(car)).toContain('model.topSpeed');
    expect(keys(geared(5))).not.toContain('model.topSpeed');
  });
});
