import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { tub } from '../../../../tests/kit/tub';
import type { Outing } from '../../model/plan/outing';
import { readingOf } from '../../reading/build-reading/reading';
import { outingConditions } from './outing-conditions';
import { usualOutings } from './outings';
import { coldFactor, usualTask } from './trial-task';

const outing = (tracks: Outing['tracks']): Outing => ({
  id: 'own',
  name: 'Own',
  seconds: 10,
  effort: 1.4,
  tracks,
});
const tug = readingOf(demoBuild('harbour-tug'), []);
const conditions = (tracks: Outing['tracks'], context = tug) =>
  outingConditions(context, usualTask(outing(tracks)));

describe('what an outing asks of each part', () => {
  it('is throttle for a controller, and an angle up to sixty degrees for a servo', () => {
    const context = readingOf(tub(), []);
    const { duty, command, effort } = conditions(
      [
        {
          function: 'drive',
          points: [
            [0, 0],
            [2, -0.5],
          ],
        },
        {
          function: 'steer',
          points: [
            [0, 0],
            [1, 1],
          ],
        },
      ],
      context,
    );
    expect(duty('esc')).toEqual([
      [0, 0],
      [2, -0.5],
    ]);
    expect(command!('rudder')).toEqual([
      [0, 0],
      [1, Math.PI / 3],
    ]);
    expect(effort).toBe(1.4);
  });

  it('stays where it is for a function without a track', () => {
    const { duty, command } = conditions([]);
    expect(duty('port-controller')).toEqual([]);
    expect(command!('port-rudder')).toEqual([]);
  });

  it('works both parts of a function, and a load through its switch', () => {
    const functions = new Map(
      tug.build.functions.map((modelFunction) => [modelFunction.role, modelFunction]),
    );
    const { command, on } = conditions([
      { function: functions.get('steer')!.id, points: [[0, 0.4]] },
      {
        function: functions.get('pump')!.id,
        points: [
          [0, 0],
          [1, 1],
          [2, -1],
        ],
      },
    ]);
    expect(command!('port-rudder')).toEqual(command!('starboard-rudder'));
    // A switch knows no backwards.
    expect(on('monitor-pump')).toEqual([
      [0, 0],
      [1, 1],
      [2, 0],
    ]);
  });

  it('moves quickly where a track jumps, as no hand is faster', () => {
    const { duty } = conditions(
      [
        {
          function: 'drive',
          points: [
            [1, 0],
            [1, 1],
            [1, -1],
            [4, -1],
          ],
        },
      ],
      readingOf(tub(), []),
    );
    const times = (duty('esc') as [number, number][]).map(([at]) => at);
    expect(times[0]).toBe(1);
    for (let n = 1; n < times.length; n += 1) expect(times[n]!).toBeGreaterThan(times[n - 1]!);
    expect(times[2]).toBeLessThan(1.1);
  });

  it('loads mechanisms more than steering', () => {
    const { servoLoad } = conditions([]);
    expect(servoLoad!('tow-winch')).toBeGreaterThan(servoLoad!('port-rudder'));
  });

  it('counts cold and age against a pack, warmth not for it', () => {
    const at = (air: number, age = 1) => coldFactor({ ...usualTask(outing([])), air, age });
    expect([at(20), at(35), at(-5), at(20, 2)]).toEqual([1, 1, 2, 2]);
  });
});

describe('the usual outings', () => {
  it('of a hill and over rocks lead up slopes, whatever the load', () => {
    const slopes = (model: 'car' | 'crawler', id: string) =>
      usualOutings({ ...tub(), model }).find((candidate) => candidate.id === id)!.slopes!;
    expect(Math.tan(slopes('car', 'hill-climb').at(-1)![1])).toBeCloseTo(0.25, 3);
    const rocks = slopes('crawler', 'crawl').map(([, slope]) => slope);
    expect([Math.min(...rocks) < -0.2, Math.max(...rocks) > 0.7]).toEqual([true, true]);
    expect(usualOutings({ ...tub(), model: 'car' }).every(({ effort }) => effort === 1)).toBe(true);
  });

  it('have tracks that rise in time and end within the outing', () => {
    for (const model of ['boat', 'car', 'crawler', 'truck', 'tracked machine', 'yacht'] as const)
      for (const other of usualOutings({ ...demoBuild('harbour-tug'), model }))
        for (const { points } of other.tracks) {
          expect(points.every(([at], n) => n === 0 || at >= points[n - 1]![0])).toBe(true);
          expect(points.at(-1)![0]).toBeLessThanOrEqual(other.seconds);
          expect(points.every(([, position]) => Math.abs(position) <= 1)).toBe(true);
        }
  });

  it('is more torque of a servo whose linkage passes less of it on', () => {
    const asked = (hornRadius: number) => {
      const linkage = {
        hornRadius,
        armRadius: 0.014,
        along: 0.08,
        across: 0,
        hornDegrees: 90,
        armDegrees: 90,
        stopDegrees: 25,
      };
      return conditions([], readingOf(tub({ settings: { rudder: { linkage } } }), [])).servoTorque!(
        'rudder',
      )!;
    };
    const plain = conditions([], readingOf(tub(), [])).servoTorque!('rudder')!;
    // A horn as long as its arm passes all of it on at the centre, and a little less towards the stops.
    expect(asked(0.014) / plain).toBeGreaterThan(1);
    expect(asked(0.014) / plain).toBeLessThan(1.2);
    expect(asked(0.028) / asked(0.014)).toBeGreaterThan(1.6);
  });
});
