import { randomLcg } from 'd3-random';
import { mean, quantileSorted } from 'd3-array';
import type { Band } from '../../base/quantity/band-words';
import type { Reading } from '../../reading/build-reading/reading';
import type { EstimatedFigure } from '../../model/kinds/estimates';
import { runTrial } from './run-trial';
import type { TrialFigures } from './trial-result';
import type { TrialTask } from './trial-task';

/** What of a run is kept of many. */
const sampled = [
  'railMinVolts',
  'brownOuts',
  'mostPackAmps',
  'runMinutes',
  'heatMargin',
  'hottestCelsius',
  'topSpeed',
] as const satisfies (keyof TrialFigures)[];

/** One run with every estimate varied within its range. */
export interface ToleranceSample {
  /** Where in its range each estimate was, −1 to 1, in the order of the estimates. */
  places: number[];
  figures: Pick<TrialFigures, (typeof sampled)[number]>;
}

/** What a number did over all runs: a tenth lies below `low`, a tenth above `high`. */
export interface Spread extends Band {
  middle: number;
}

/** How much an estimate decides. */
export interface Influence {
  estimate: EstimatedFigure;
  /** Correlation of where it was in its range with the outcome, −1 to 1. */
  onRail: number;
  onRunTime: number;
  onHeat: number;
}

export interface ToleranceResult {
  runs: number;
  /** Share of the runs with a brown-out, 0 to 1. */
  brownOutShare: number;
  railMinVolts: Spread;
  mostPackAmps: Spread;
  runMinutes: Spread;
  hottestCelsius: Spread;
  topSpeed: Spread;
  /** Most decisive for the rail first: what is worth measuring. */
  influences: Influence[];
}

/** For a run whose lines nobody looks at. */
const coarse = { slices: 0, looseness: 45 };

/** The estimates of a build on an outing, by a run as they are taken. */
export function estimatesOf(context: Reading, task: TrialTask): EstimatedFigure[] {
  const run = runTrial(context, { ...task, outing: { ...task.outing, seconds: 0.5 }, ...coarse });
  return run.ok ? run.value.estimates : [];
}

/**
 * One run of many. The same seed and number always give the same sample, whoever runs it.
 * @returns nothing where the run could not be followed
 */
export function toleranceSample(
  context: Reading,
  task: TrialTask,
  estimates: readonly EstimatedFigure[],
  seed: number,
  number: number,
): ToleranceSample | undefined {
  const { places, factors } = sampleFactors(estimates, seed, number);
  const run = runTrial(context, { ...task, ...coarse, factors });
  if (!run.ok) return undefined;
  const { figures } = run.value;
  return {
    places,
    figures: Object.fromEntries(sampled.map((name) => [name, figures[name]])) as ToleranceSample['figures'],
  };
}

/** Where one run of many has each estimate in its range, −1 to 1, and the factors that this makes, by key. */
export function sampleFactors(estimates: readonly EstimatedFigure[], seed: number, number: number) {
  const random = randomLcg(fraction(seed, number));
  // The first numbers of neighbouring seeds are alike; later ones are not.
  for (let n = 0; n < 8; n += 1) random();
  const places = estimates.map(() => 2 * random() - 1);
  const factors = new Map(estimates.map((estimate, n) => [estimate.key, factorAt(estimate, places[n]!)]));
  return { places, factors };
}

/** A number in [0, 1) for each seed and run (a step of the golden ratio apart). */
const fraction = (seed: number, number: number): number =>
  (seed * 0.754877666 + (number + 1) * 0.618033989) % 1;

/** The factor at a place in a range: −1 the least, 0 as taken, 1 the most, evenly by ratio. */
export function factorAt({ least, most }: EstimatedFigure, place: number): number {
  return place < 0 ? least ** -place : most ** place;
}

/** What many samples say together. */
export function summarise(
  samples: readonly ToleranceSample[],
  estimates: readonly EstimatedFigure[],
): ToleranceResult {
  const column = (read: (sample: ToleranceSample) => number) => samples.map(read);
  const rail = column((sample) => sample.figures.railMinVolts);
  const time = column((sample) => Math.min(sample.figures.runMinutes, 1e4));
  const heat = column((sample) => sample.figures.hottestCelsius);
  const influences = estimates.map((estimate, n) => {
    const places = column((sample) => sample.places[n]!);
    return {
      estimate,
      onRail: correlation(places, rail),
      onRunTime: correlation(places, time),
      onHeat: correlation(places, heat),
    };
  });
  return {
    runs: samples.length,
    brownOutShare:
      samples.filter((sample) => sample.figures.brownOuts > 0).length / Math.max(samples.length, 1),
    railMinVolts: spread(rail),
    mostPackAmps: spread(column((sample) => sample.figures.mostPackAmps)),
    runMinutes: spread(time),
    hottestCelsius: spread(heat),
    topSpeed: spread(column((sample) => sample.figures.topSpeed)),
    influences: influences.sort((a, b) => Math.abs(b.onRail) - Math.abs(a.onRail)),
  };
}

function spread(values: readonly number[]): Spread {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number) => quantileSorted(sorted, share) ?? 0;
  return { low: at(0.1), middle: at(0.5), high: at(0.9) };
}

/** Pearson's correlation; 0 where one of the two never changes. */
function correlation(a: readonly number[], b: readonly number[]): number {
  const [meanA, meanB] = [mean(a) ?? 0, mean(b) ?? 0];
  let both = 0;
  let ofA = 0;
  let ofB = 0;
  for (let n = 0; n < a.length; n += 1) {
    const [x, y] = [a[n]! - meanA, b[n]! - meanB];
    both += x * y;
    ofA += x * x;
    ofB += y * y;
  }
  return ofA > 0 && ofB > 0 ? both / Math.sqrt(ofA * ofB) : 0;
}
