import { Matrix } from 'ml-matrix';
import type { EstimatedFigure } from '../../model/kinds/estimates';
import type { Reading } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import type { Measured } from '../../model/fitting/measured';
import { failure, success, type Result } from '../../base/result';
import type { TrialTask } from '../../desk/trial/trial-task';
import { fitFigures } from './fit-figures';
import { ReadingsForetold } from './predict-readings';
import { readingKinds, readingSigma, type ReadingKind, type ReadingPlace } from './reading-kinds';

/** One figure read on the real model, in the unit of its kind. */
export interface TakenReading {
  what: string;
  value: number;
  /** 1 σ of the instrument, in the same unit; the usual one of its kind where not said. */
  error?: number;
}

/** A figure that readings have moved. */
export interface MovedFigure {
  key: string;
  /** What a person would call it. */
  words: string;
  /** In the unit of the core, before and after. */
  prior: number;
  posterior: number;
  /** 1 σ of its logarithm, before and after: 0.05 is 5 %. */
  priorSigma: number;
  sigma: number;
}

/** A reading beside what was foretold. */
interface ReadingBeside extends TakenReading, Pick<ReadingKind, 'name' | 'unit'> {
  sigma: number;
  before: number;
  after: number;
  isExplained: boolean;
}

export interface Calibration {
  figures: MovedFigure[];
  readings: ReadingBeside[];
  /** What the figures become in the build. */
  measured: Measured[];
}

/** What two parts of one sheet vary by, besides what they share: 1 σ. */
const twinsVary = 0.05;
/** A figure that moved less, and is no surer than it was, is left alone. */
const worthKeeping = 0.01;
const slopeStep = 0.02;

/**
 * Moves the estimates of a build by readings on the real model, each as far as its range and the errors allow.
 * @param task the outing that temperatures and run time were read on
 * @param on when, as an ISO date
 * @returns why not, where nothing that is read is foretold here, or nothing is an estimate
 */
export function calibrate(
  context: Reading,
  task: TrialTask,
  taken: readonly TakenReading[],
  on: string,
): Result<Calibration, string> {
  const kinds = new Map(readingKinds(context).map((kind) => [kind.what, kind]));
  const strange = taken.find(({ what }) => !kinds.has(what));
  if (strange) return failure(`“${strange.what}” cannot be read on this model`);
  const own = [...new Set(taken.map(({ what }) => kinds.get(what)!))];
  const foretold = new ReadingsForetold(context, task, own);
  const none = new Map<string, number>();
  const first = new Map(foretold.places.map((place) => [place, foretold.at(place, none)]));
  const silent = taken.find(({ what }) => !first.get(kinds.get(what)!.place)!.values.has(what));
  if (silent) return failure(`${kinds.get(silent.what)!.name}: the plan does not tell this figure here`);
  const estimates = new Map<string, EstimatedFigure>();
  for (const { estimates: used } of first.values())
    for (const each of used) if (each.most > each.least) estimates.set(each.key, each);
  const figures = [...estimates.values()];
  if (figures.length === 0)
    return failure('no estimate bears on it: all that decides it is stated or measured already');
  const predictAt = (moves: readonly number[], place: ReadingPlace) =>
    foretold.at(place, factorsOf(figures, moves)).values;
  const readings = taken.map((reading) => {
    const kind = kinds.get(reading.what)!;
    return { ...reading, kind, sigma: readingSigma(kind, reading.value, task.air, reading.error) };
  });
  const predict = (moves: readonly number[]): number[] => {
    const byPlace = new Map(foretold.places.map((place) => [place, predictAt(moves, place)]));
    // Where moved figures lead nowhere, nothing is read: a long way off.
    return readings.map(({ what, kind }) => byPlace.get(kind.place)!.get(what) ?? 0);
  };
  const bears = (figure: EstimatedFigure, place: ReadingPlace) =>
    first.get(place)!.estimates.some(({ key }) => key === figure.key);
  const slopes = (moves: readonly number[]): Matrix => {
    const here = predict(moves);
    const slope = new Matrix(readings.length, figures.length);
    for (const [k, figure] of figures.entries()) {
      const moved = moves.map((move, n) => (n === k ? move + slopeStep : move));
      const places = foretold.places.filter((place) => bears(figure, place));
      const byPlace = new Map(places.map((place) => [place, predictAt(moved, place)]));
      for (const [n, { what, kind }] of readings.entries()) {
        const there = byPlace.get(kind.place)?.get(what);
        if (there !== undefined) slope.set(n, k, (there - here[n]!) / slopeStep);
      }
    }
    return slope;
  };
  const prior = priorOf(context.build, figures);
  const fit = fitFigures({ readings, prior, predict, slopes });
  const out = new Set(fit.unexplained);
  const said = readings
    .filter((_, n) => !out.has(n))
    .map(({ kind, value }) => `${kind.name.toLowerCase()} ${value} ${kind.unit}`)
    .join(', ');
  const moved = figures.flatMap((figure, k): (MovedFigure & { factor: number })[] => {
    const [move, sigma, priorSigma] = [fit.moves[k]!, fit.sigmas[k]!, Math.sqrt(prior.get(k, k))];
    if (Math.abs(move) < worthKeeping && sigma > 0.9 * priorSigma) return [];
    return [
      {
        key: figure.key,
        words: figure.words,
        prior: figure.value,
        posterior: figure.value * Math.exp(move),
        priorSigma,
        sigma,
        factor: Math.exp(move),
      },
    ];
  });
  const factorNow = new Map((context.build.measured ?? []).map((each) => [each.estimate, each.factor]));
  return success({
    figures: moved.map(({ factor: _, ...figure }) => figure),
    readings: readings.map(({ kind: { name, unit }, ...reading }, n) => ({
      ...reading,
      name,
      unit,
      before: fit.before[n]!,
      after: fit.after[n]!,
      isExplained: !out.has(n),
    })),
    measured: moved.map(({ key, factor, sigma }) => ({
      estimate: key,
      factor: Number(((factorNow.get(key) ?? 1) * factor).toPrecision(4)),
      sigma: Number(sigma.toPrecision(3)),
      said: said.slice(0, 120),
      on,
    })),
  });
}

/** 1 σ of the logarithm of an estimate's factor: its range is two of them either way. */
const sigmaOf = ({ least, most }: EstimatedFigure): number => Math.log(most / least) / 4;

/** Covariance of the logarithms: parts of one sheet share its factor, and vary a little each besides. */
function priorOf({ fittings }: Build, figures: readonly EstimatedFigure[]): Matrix {
  const sheets = new Map(fittings.map(({ id, part }) => [id, part]));
  const sharedBy = figures.map(({ key }) => {
    const at = key.lastIndexOf('.');
    const sheet = sheets.get(key.slice(0, at));
    return sheet === undefined ? key : `${sheet} ${key.slice(at)}`;
  });
  const prior = new Matrix(figures.length, figures.length);
  for (const [a, figure] of figures.entries())
    for (const [b, other] of figures.entries()) {
      if (sharedBy[a] !== sharedBy[b]) continue;
      const shared = sigmaOf(figure) * sigmaOf(other);
      const isTwin = sharedBy.filter((each) => each === sharedBy[a]).length > 1;
      prior.set(a, b, shared + (a === b && isTwin ? twinsVary ** 2 : 0));
    }
  return prior;
}

const factorsOf = (figures: readonly EstimatedFigure[], moves: readonly number[]): Map<string, number> =>
  new Map(figures.map(({ key }, k) => [key, Math.exp(moves[k]!)]));
