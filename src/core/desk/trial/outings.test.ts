import { describe, expect, it } from 'vitest';
import { demoBuild, demoNames } from '../../../../tests/kit/demo-builds';
import { tub } from '../../../../tests/kit/tub';
import { modelKinds } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { Outing } from '../../model/plan/outing';
import { readBuildFile } from '../../model/file/read-file';
import { firstProblem } from '../../base/validation/validate';
import { writeBuildFile } from '../../model/file/write-file';
import { outingsOf, usualOutings } from './outings';
import { Sampler } from './sampler';
import { addPoint, movePoint, pointsOf, recordedOuting, removePoint } from './track-edits';
import { trialTable } from './trial-csv';
import { runTrial } from './run-trial';
import { readingOf } from '../../reading/build-reading/reading';
import { usualTask } from './trial-task';

const outing: Outing = {
  id: 'mine',
  name: 'Mine',
  seconds: 10,
  effort: 1,
  tracks: [
    {
      function: 'steer',
      points: [
        [1, 0],
        [2, 1],
        [5, -1],
      ],
    },
  ],
};

describe('the usual outings', () => {
  it.each(modelKinds)('of a %s stand the check of a file', (model) => {
    const all = usualOutings({ ...tub(), model });
    expect(all.length).toBeGreaterThanOrEqual(3);
    for (const other of all) expect(firstProblem(Outing, other, other.id)).toBeUndefined();
  });

  it('of a yacht have gusts and no motor', () => {
    const all = usualOutings(demoBuild('salt-flat-yacht'));
    expect(all.map((each) => each.id)).toContain('gusts');
  });

  it('give way to the build’s own, which are kept in its file', () => {
    const [first] = usualOutings(tub());
    const build = applyEdits(tub(), [
      { type: 'keepOuting', outing: { ...first!, effort: 3 } },
      { type: 'keepOuting', outing },
    ]);
    expect(outingsOf(build)[0]).toMatchObject({ id: first!.id, effort: 3 });
    expect(outingsOf(build).at(-1)).toEqual(outing);
    expect(readBuildFile(writeBuildFile(build))).toEqual({ ok: true, value: build });
    const without = applyEdits(build, [{ type: 'dropOuting', outing: first!.id }]);
    expect(outingsOf(without)[0]).toEqual(first);
  });

  it.each([
    [
      'seconds that fall',
      [
        [2, 0],
        [1, 0],
      ],
    ],
    ['a position beyond full', [[1, 1.5]]],
    ['text', [['a', 0]]],
    ['no pair', [[1]]],
  ])('are refused with %s', (_, points) => {
    const wrong = { ...outing, tracks: [{ function: 'steer', points }] };
    expect(firstProblem(Outing, wrong, 'outing')?.why).toContain('pairs of rising seconds');
  });
});

describe('the points of a track', () => {
  it('are added in their place, and moved rather than doubled', () => {
    expect(pointsOf(addPoint(outing, 'steer', 3, 2), 'steer')).toEqual([
      [1, 0],
      [2, 1],
      [3, 1],
      [5, -1],
    ]);
    expect(pointsOf(addPoint(outing, 'steer', 2.001, 0.5), 'steer')).toHaveLength(3);
    expect(pointsOf(addPoint(outing, 'drive', 4, 0.4), 'drive')).toEqual([[4, 0.4]]);
  });

  it('stay between their neighbours when they move', () => {
    expect(pointsOf(movePoint(outing, 'steer', 1, 9, 0), 'steer')[1]).toEqual([4.98, 0]);
    expect(pointsOf(movePoint(outing, 'steer', 0, -3, -4), 'steer')[0]).toEqual([0, -1]);
  });

  it('go, and the track with the last of them', () => {
    const none = [0, 0, 0].reduce((other) => removePoint(other, 'steer', 0), outing);
    expect(none.tracks).toEqual([]);
  });

  it('are thinned where a recording was straight', () => {
    const readings = Array.from({ length: 101 }, (_, n) => ({
      seconds: n / 10,
      positions: { steer: n < 50 ? 0 : 1, drive: n / 100, horn: 0 },
    }));
    const recorded = recordedOuting('own-1', 'Driven live', readings);
    expect(recorded.seconds).toBe(10);
    expect(recorded.tracks.map((track) => track.function).sort()).toEqual(['drive', 'steer']);
    expect(pointsOf(recorded, 'drive').length).toBeLessThan(12);
    expect(pointsOf(recorded, 'steer').length).toBeLessThan(6);
    expect(firstProblem(Outing, recorded, 'own')).toBeUndefined();
  });
});

describe('Sampler', () => {
  it('keeps the lowest, the mean and the end of each slice, whatever the steps', () => {
    const [lowest, average, end] = (['lowest', 'mean', 'end'] as const).map(
      (keep) => new Sampler(4, 4, keep, 0),
    ) as [Sampler, Sampler, Sampler];
    for (const [time, value] of [
      [0.5, 2],
      [3.5, 2],
      [3.6, -1],
      [4, 4],
    ] as const)
      for (const sampler of [lowest, average, end]) sampler.add(time, value);
    expect([...lowest.values]).toEqual([0, 2, 2, -1]);
    expect([...end.values]).toEqual([2, 2, 2, 4]);
    expect(average.values[1]).toBeCloseTo(2, 9);
    expect(average.values[0]).toBeCloseTo(1.5, 9);
  });
});

describe('the table of an outing', () => {
  it.each(demoNames)('of %s has a column with its unit for every line, and a row for every slice', (name) => {
    const build = demoBuild(name);
    const run = runTrial(readingOf(build, []), { ...usualTask(outingsOf(build)[0]!), slices: 30 });
    if (!run.ok) throw new Error('not followed');
    const { fields, data } = trialTable(run.value);
    expect(fields[0]).toBe('seconds');
    expect(fields.every((field) => field === 'seconds' || /(V|A|cell|1|°C|m\/s)$/.test(field))).toBe(true);
    expect(new Set(fields).size).toBe(fields.length);
    expect(data).toHaveLength(30);
    expect(data.every((row) => row.length === fields.length && row.every(Number.isFinite))).toBe(true);
  });
});
