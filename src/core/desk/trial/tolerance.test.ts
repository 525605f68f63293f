import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { straightOuting } from '../../../../tests/kit/straight-outing';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import { firstToGive } from './first-to-give';
import { outingsOf } from './outings';
import { runTrial } from './run-trial';
import { estimatesOf, factorAt, sampleFactors, summarise, toleranceSample } from './tolerance';
import { usualTask } from './trial-task';
import { verdictOf } from './verdict';

const build = demoBuild('harbour-tug');
const context = readingOf(build, []);
const task = usualTask(outingsOf(build)[0]!);
const estimates = estimatesOf(context, task);
const samples = (count: number, seed = 1) =>
  Array.from({ length: count }, (_, n) => toleranceSample(context, task, estimates, seed, n)!);

describe('a tolerance run', () => {
  it('varies estimates and nothing that is stated', () => {
    const keys = estimates.map((estimate) => estimate.key);
    expect(keys).toContain('tow-pack.cellOhms');
    expect(keys).not.toContain('port-rudder.stallAmps');
    expect(new Set(keys).size).toBe(keys.length);
    for (const estimate of estimates) {
      expect(estimate.least, estimate.key).toBeLessThan(1);
      expect(estimate.most, estimate.key).toBeGreaterThan(1);
    }
  });

  it('gives the same samples for the same seed, and others for another', () => {
    const [each, again, other] = [samples(3), samples(3), samples(3, 2)];
    expect(again).toEqual(each);
    expect(other[0]!.places).not.toEqual(each[0]!.places);
    expect(each[1]!.places).not.toEqual(each[0]!.places);
  });

  it('stays within each range, evenly by ratio', () => {
    const range = { key: '', words: '', value: 1, least: 0.5, most: 2, note: '' };
    expect(factorAt(range, -1)).toBe(0.5);
    expect(factorAt(range, 0)).toBe(1);
    expect(factorAt(range, 1)).toBe(2);
    const places = samples(12).flatMap((sample) => sample.places);
    expect(Math.min(...places)).toBeLessThan(-0.8);
    expect(Math.max(...places)).toBeGreaterThan(0.8);
    expect(places.every((place) => place >= -1 && place <= 1)).toBe(true);
  });

  it('is followed coarsely, and comes out as one that is followed closely', () => {
    const long = usualTask(outingsOf(build).find((outing) => outing.seconds === 60)!);
    const all = estimatesOf(context, long);
    for (let number = 0; number < 4; number += 1) {
      const coarse = toleranceSample(context, long, all, 1, number)!.figures;
      const { factors } = sampleFactors(all, 1, number);
      const close = runTrial(context, { ...long, slices: 0, looseness: 1, factors });
      if (!close.ok) throw new Error('the close run could not be followed');
      const { railMinVolts, runMinutes, hottestCelsius, brownOuts } = close.value.figures;
      expect(Math.abs(coarse.railMinVolts - railMinVolts)).toBeLessThan(0.015);
      expect(Math.abs(coarse.runMinutes / runMinutes - 1)).toBeLessThan(0.01);
      expect(Math.abs(coarse.hottestCelsius / hottestCelsius - 1)).toBeLessThan(0.01);
      expect(coarse.brownOuts).toBe(brownOuts);
    }
  });

  it('ranks first what decides most: the ohms behind the rail', () => {
    const summary = summarise(samples(40), estimates);
    expect(summary.runs).toBe(40);
    expect(summary.brownOutShare).toBe(0);
    expect(summary.railMinVolts.low).toBeLessThanOrEqual(summary.railMinVolts.high);
    expect(summary.influences[0]!.estimate.key).toBe('radio-bec.outOhms');
    expect(summary.influences[0]!.onRail).toBeLessThan(-0.6);
  });

  it('is no praise where some runs brown out', () => {
    const run = runTrial(context, task);
    if (!run.ok) throw new Error('the run could not be followed');
    expect(verdictOf(run.value, { runs: 40, brownOutShare: 0 })).toEqual(verdictOf(run.value));
    const { words, tone } = verdictOf(run.value, { runs: 40, brownOutShare: 0.1 });
    expect(tone).toBe('guess');
    expect(words).toContain('It browns out in 4 of 40 runs');
  });

  it('sums nothing up to nothing', () => {
    expect(summarise([], estimates)).toMatchObject({ runs: 0, brownOutShare: 0 });
  });
});

describe('what gives first', () => {
  it('already today on the tug as planned', () => {
    const planned = demoBuild('harbour-tug-as-planned');
    const give = firstToGive(planned, usualTask(outingsOf(planned)[0]!), 'load');
    expect(give.at).toBe(give.today);
    expect(give.words).toContain('restarts');
  });

  it('with more cells is the part that stands least', () => {
    expect(firstToGive(build, task, 'cells')).toMatchObject({ today: 3, at: 4 });
  });

  it('with more load is between what holds and what does not', () => {
    const small = { ...tub({ parts: { pack: 'pack-lipo-3s-2200-10c' } }), model: 'truck' as const };
    const outing = straightOuting(small, 20, 1, 1.5, 3);
    const give = firstToGive(small, { ...task, outing }, 'load');
    if (give.at === undefined) throw new Error(give.words);
    expect(give.words).toContain('its derated label allows 13 A');
    expect(give.at).toBeGreaterThan(give.today);
    expect(give.at).toBeLessThan(give.tried);
    const further = firstToGive(small, { ...task, outing: { ...outing, effort: give.at * 1.1 } }, 'load');
    expect(further.at).toBeCloseTo(give.at * 1.1, 6);
  });
});
