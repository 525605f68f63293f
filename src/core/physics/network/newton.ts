import type { UnknownKind } from './device';
import type { Network } from './network';

/** How near is near enough, by kind of unknown: a share of the value, and a floor in V, rad/s or rad. */
export type Tolerance = Record<UnknownKind, { relative: number; absolute: number }>;

/** A tolerance as numbers by unknown, for the innermost loop. */
export interface Allowance {
  relative: Float64Array;
  absolute: Float64Array;
}

/** What a tolerance allows each unknown of a network; `times` widens it. */
export function allowanceFor({ kinds }: Network, tolerance: Tolerance, times = 1): Allowance {
  const relative = new Float64Array(kinds.length);
  const absolute = new Float64Array(kinds.length);
  for (let n = 0; n < kinds.length; n += 1) {
    relative[n] = times * tolerance[kinds[n]!].relative;
    absolute[n] = times * tolerance[kinds[n]!].absolute;
  }
  return { relative, absolute };
}

/** Room for one network's iteration, kept from step to step. */
export interface Scratch {
  f: Float64Array;
  /** Slopes, kept apart from the factors so that those can be used again. */
  a: Float64Array;
  old: Float64Array;
  /** The unknowns before an iteration. */
  before: Float64Array;
}

export const scratchFor = (network: Network): Scratch => ({
  f: new Float64Array(network.size),
  a: new Float64Array(network.lu.values.length),
  old: new Float64Array(network.size),
  before: new Float64Array(network.size),
});

/** A step this much smaller than the last, in shares, shows that old factors still do. */
const goodContraction = 0.05;

/**
 * How far the answer still is from settled, in allowed shares: the last change, or, where the one before was much
 * larger, what changes that go on shrinking like that add up to (E. Hairer and G. Wanner, Solving Ordinary
 * Differential Equations II, section IV.8).
 */
const leftOver = (change: number, before: number): number => {
  const contraction = change / before;
  return before < Infinity && contraction < mostTrusted
    ? Math.min(change, (change * contraction) / (1 - contraction))
    : change;
};

/** A contraction that two changes in a row show; above it the next may be another. */
const mostTrusted = 0.1;

/**
 * How fast the last call came down: 1 where nobody knows. Kept from step to step, as the change after a first iteration
 * then tells what a second would find (A. C. Hindmarsh et al., SUNDIALS, ACM TOMS 31, 2005, section 2.1).
 */
interface CourseMemory {
  contraction: number;
}

/** The least that one call shows of the next, and how much less it shows each time that it is not looked at again. */
const leastContraction = 1e-3;
const staling = 10;
/** A first change of more shares than this may have passed a kink that no contraction tells of. */
const mostUnseen = 10;

/** Whether what the calls before have shown lets a first iteration be enough. */
function isTrusted(course: CourseMemory | undefined, change: number): boolean {
  if (!course || change > mostUnseen || change * course.contraction > 1) return false;
  course.contraction = Math.min(1, course.contraction * staling);
  return true;
}

export interface NewtonTask {
  /** Where to begin; the answer replaces it. */
  x: Float64Array;
  time: number;
  /** Adds what belongs to the method (rates, ramps) to the rows and their slopes. */
  extra?: (x: Float64Array, f: Float64Array, a: Float64Array) => void;
  allowed: Allowance;
  mostIterations: number;
  /** What the calls before this one on the same course have shown; absent where each is to stand by itself. */
  course?: CourseMemory;
}

/** `converged`, or the index of the unknown that would not settle. */
export type NewtonResult =
  { converged: true; iterations: number } | { converged: false; iterations: number; trouble: number };

/**
 * Newton's method on f(x) = 0. Factors are used again while they bring the steps down fast. Steps are taken
 * whole where no device holds them back; whoever calls shortens the way where that fails.
 */
export function newton(network: Network, scratch: Scratch, task: NewtonTask): NewtonResult {
  const { x, time, extra, mostIterations, course } = task;
  const { relative, absolute } = task.allowed;
  const { f, a } = scratch;
  const { lu, size } = network;
  const point = { x, f, a, time };
  let trouble = 0;
  let last = Infinity;
  let isFresh = false;
  for (let iterations = 1; iterations <= mostIterations; iterations += 1) {
    network.evaluate(point);
    extra?.(x, f, a);
    if (!isFresh) {
      lu.values.set(a);
      const singular = lu.factor();
      if (singular >= 0) return { converged: false, iterations, trouble: singular };
    }
    lu.solve(f);
    scratch.before.set(x);
    let worst = 0;
    for (let n = 1; n < size; n += 1) {
      const change = f[n]!;
      const before = x[n]!;
      const after = before - change;
      x[n] = after;
      const distance = Math.abs(change);
      // Most are settled by the floor alone, and need no division.
      if (distance <= absolute[n]!) continue;
      const share = distance / (relative[n]! * Math.max(Math.abs(before), Math.abs(after)) + absolute[n]!);
      // A comparison that is false for NaN as well.
      if (!(share <= worst)) {
        worst = share;
        trouble = n;
      }
    }
    if (Number.isNaN(worst)) return { converged: false, iterations, trouble };
    const isHeld = network.limit(scratch.before, x);
    if (!isHeld && leftOver(worst, last) <= 1) {
      if (course && iterations > 1)
        course.contraction = iterations === 2 ? Math.max(worst / last, leastContraction) : 1;
      return { converged: true, iterations };
    }
    if (!isHeld && iterations === 1 && isTrusted(course, worst)) return { converged: true, iterations };
    isFresh = iterations === 1 || worst < goodContraction * last;
    last = worst;
  }
  return { converged: false, iterations: mostIterations, trouble };
}
