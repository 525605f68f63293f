import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { knownModels } from '../../../../tests/kit/known-models';
import { readingOf } from '../../reading/build-reading/reading';
import { outingsOf } from './outings';
import { runTrial } from './run-trial';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import type { PartSpec } from '../../model/kinds/part-spec';
import { usualMinutes, usualRun } from './run-time';
import { usualTask } from './trial-task';

describe('how long a pack lasts', () => {
  it.each(['launch', 'touring', 'haulage'])('is what the Trial of the usual outing says: %s', (name) => {
    const { build } = knownModels.find((known) => known.build.name.startsWith(name))!;
    const context = readingOf(build, []);
    const run = runTrial(context, usualTask(outingsOf(build).find(({ id }) => id === 'long')!));
    const usual = usualRun(context)!;
    expect(run.ok && usual.meanAmps / run.value.figures.meanPackAmps).toBeCloseTo(1, 1);
    expect(run.ok && usual.minutes.get('pack')! / run.value.figures.runMinutes).toBeCloseTo(1, 1);
  });

  it('is not told of a build whose receiver never wakes', () => {
    const build = demoBuild('harbour-tug');
    expect(usualRun(readingOf({ ...build, leads: [] }, []))).toBeUndefined();
  });

  it('is not told where no signal reaches the drive', () => {
    const cut = tub({ wires: { 'esc-lead': (all) => all.filter(({ from }) => from !== 'signal') } });
    expect(usualRun(readingOf(tub(), []))).toBeDefined();
    expect(usualRun(readingOf(cut, []))).toBeUndefined();
  });

  it('is no longer for a motor of which nothing is known than for a usual one', () => {
    const silence = (part: PartSpec) => withoutFigure('stallAmps')(withoutFigure('fullLoadAmps')(part));
    const silent = tub({ sheets: { 'motor-brushed-620': silence } });
    const [known, unknown] = [tub(), silent].map((build) => usualMinutes(readingOf(build, []))!);
    expect(unknown! / known!).toBeGreaterThan(0.2);
    expect(unknown! / known!).toBeLessThan(3);
  });
});
