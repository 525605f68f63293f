import { describe, expect, it } from 'vitest';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { straightOuting } from '../../../../tests/kit/straight-outing';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import type { Outing } from '../../model/plan/outing';
import { readingOf } from '../../reading/build-reading/reading';
import { runTrial } from './run-trial';
import { usualTask } from './trial-task';

/** Straight on: nothing but the drive, from standing to some throttle. */
const straight = (build: Build, seconds: number, throttle: number, effort = 1) =>
  run(build, straightOuting(build, seconds, throttle, effort, 0.2));

function run(build: Build, outing: Outing) {
  const done = runTrial(readingOf(build, []), { ...usualTask(outing), charge: 0.5 });
  if (!done.ok) throw new Error(JSON.stringify(done.problem));
  return done.value;
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
    const { amps, speed } = straight(withMass(tub(), 30), 40, 1);
    const motor = [...amps.find((line) => line.id === 'motor')!.values];
    const [starting, settled] = [Math.max(...motor.slice(40, 80)), motor.at(-1)!];
    expect(starting).toBeGreaterThan(1.05 * settled);
    expect(speed.values.at(-1)!).toBeGreaterThan(1.2);
  });

  it('is held back by a tow, and draws more for it', () => {
    const [free, towing] = [straight(tub(), 40, 1), straight(tub(), 40, 1, 1.5)];
    expect(towing.figures.topSpeed).toBeLessThan(0.97 * free.figures.topSpeed);
    expect(towing.figures.meanPackAmps).toBeGreaterThan(1.005 * free.figures.meanPackAmps);
  });
});

describe('a model on wheels', () => {
  it('takes longer to its speed the heavier it is', () => {
    // Tyres hold light ones to the same at first: only a mass that the motor feels tells.
    const [light, heavy] = [1, 6].map((value) => secondsToSpeed(straight(withMass(car, value), 15, 1)));
    expect(heavy!).toBeGreaterThan(1.3 * light!);
  });

  it('takes from its pack what rolling, drag and its losses need, and no more', () => {
    const { amps, cells, speed } = straight(withMass(car, 1.6), 30, 1);
    const metresPerSecond = speed.values.at(-1)!;
    const motorAmps = amps.find((line) => line.id === 'motor')!.values.at(-1)!;
    const packVolts = cells[0]!.values.at(-1)! * 3;
    const force = 0.05 * 1.6 * 9.81 + 0.5 * 1.2 * 0.01 * metresPerSecond ** 2;
    const share = (force * metresPerSecond) / (packVolts * motorAmps);
    expect(metresPerSecond).toBeGreaterThan(7);
    expect(share).toBeGreaterThan(0.3);
    expect(share).toBeLessThan(0.75);
  });

  it('draws more uphill, and goes slower', () => {
    const outing = straightOuting(car, 20, 0.9, 1, 0.2);
    const at = (slope: number) => run(car, { ...outing, slopes: [[0, slope]] });
    const [flat, up] = [at(0), at(0.25)];
    expect(up.figures.meanPackAmps).toBeGreaterThan(1.8 * flat.figures.meanPackAmps);
    expect(up.figures.topSpeed).toBeLessThan(flat.figures.topSpeed);
  });

  it('goes faster on more cells, warms its motor more, and runs shorter at full throttle', () => {
    const withPack = (cells: number): Build => ({
      ...car,
      parts: car.parts.map((part) => (part.kind === 'pack' ? { ...part, cells } : part)),
    });
    const [two, three] = [2, 3].map((cells) => straight(withPack(cells), 60, 1));
    expect(three!.figures.topSpeed / two!.figures.topSpeed).toBeGreaterThan(1.3);
    expect(three!.figures.runMinutes).toBeLessThan(two!.figures.runMinutes);
    const hottest = (of: typeof two) => Math.max(...of!.heat.find((line) => line.id === 'motor')!.values);
    expect(hottest(three)).toBeGreaterThan(hottest(two) + 2);
  });

  it('rolls on when the throttle is let go, and stands at once with a drag brake', () => {
    const outing: Outing = {
      ...straightOuting(car, 6, 1, 1, 0.2),
      tracks: [
        {
          function: car.functions.find(({ role }) => role === 'drive')!.id,
          points: [
            [0, 0],
            [1, 0],
            [1.2, 1],
            [4, 1],
            [4.1, 0],
          ],
        },
      ],
    };
    const set = (brake: 'off' | 'dragBrake') => ({
      ...car,
      fittings: car.fittings.map((fitting) => ({ ...fitting, brake })),
    });
    const [free, held] = [set('off'), set('dragBrake')].map((build) =>
      run(build, outing).speed.values.at(-1)!,
    );
    expect(free!).toBeGreaterThan(6);
    expect(held!).toBeLessThan(0.5);
  });

  it('brakes the harder the further the stick is reversed', () => {
    const drive = car.functions.find(({ role }) => role === 'drive')!.id;
    const after = (stick: number) => {
      const outing: Outing = {
        ...straightOuting(car, 4.6, 1, 1, 0.2),
        tracks: [
          {
            function: drive,
            points: [
              [0, 0],
              [1, 0],
              [1.2, 1],
              [4, 1],
              [4.05, stick],
            ],
          },
        ],
      };
      // Without the drag brake that this car is set to.
      const free = {
        ...car,
        fittings: car.fittings.map((fitting) => ({ ...fitting, brake: 'off' as const })),
      };
      return run(free, outing).speed.values.at(-1)!;
    };
    const [light, hard] = [after(-0.1), after(-1)];
    expect(light).toBeGreaterThan(hard + 0.5);
  });

  it('brakes by a reversed stick before it goes backwards, and takes nothing from its pack for that', () => {
    const drive = car.functions.find(({ role }) => role === 'drive')!.id;
    const outing: Outing = {
      ...straightOuting(car, 8, 1, 1, 0.2),
      tracks: [
        {
          function: drive,
          points: [
            [0, 0],
            [1, 0],
            [1.2, 1],
            [4, 1],
            [4.1, -0.5],
          ],
        },
      ],
    };
    const { speed, amps } = run(car, outing);
    const motor = amps.find((line) => line.id === 'motor')!.values;
    const at = (seconds: number) => Math.round((seconds / 8) * (speed.values.length - 1));
    expect(Math.abs(motor[at(4.3)]!)).toBeLessThan(1);
    expect(speed.values.at(-1)!).toBeLessThan(-1);
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

  it('makes the gear ratio surer, and the ratio itself leaves nothing to estimate', () => {
    const ratio = (build: Build) =>
      straight(build, 2, 1).estimates.find((estimate) => estimate.key === 'model.gearRatio');
    expect(ratio(geared(5))!.most).toBeLessThan(ratio(car)!.most);
    expect(ratio({ ...car, brief: { ...car.brief, gearRatio: 8 } })).toBeUndefined();
  });
});
