import type { UnknownKind } from './device';
import type { Network } from './network';

/** How near is near enough, by kind of unknown: a share of the value, and a floor in V, rad/s or rad. */
export type Tolerance = Record<UnknownKind, { relative: number; absolute: number }>;

/** Room for one network's iteration, kept from step to step. */
export interface Scratch {
  f: Float64Array;
  old: Float64Array;
}

export const scratchFor = (network: Network): Scratch => ({
  f: new Float64Array(network.size),
  old: new Float64Array(network.size),
});

export interface NewtonTask {
  /** Where to begin; the answer replaces it. */
  x: Float64Array;
  time: number;
  /** Adds what belongs to the method (rates, ramps) to the rows and their slopes. */
  extra?: (x: Float64Array, f: Float64Array, a: Float64Array) => void;
  tolerance: Tolerance;
  mostIterations: number;
}

/** `converged`, or the index of the unknown that would not settle. */
export type NewtonResult =
  { converged: true; iterations: number } | { converged: false; iterations: number; trouble: number };

/** Newton's method on f(x) = 0. Steps are taken whole; whoever calls shortens the way where that fails. */
export function newton(network: Network, scratch: Scratch, task: NewtonTask): NewtonResult {
  const { x, time, extra, tolerance, mostIterations } = task;
  const { f } = scratch;
  const { lu, kinds, size } = network;
  const point = { x, f, a: lu.values, time };
  let trouble = 0;
  for (let iterations = 1; iterations <= mostIterations; iterations += 1) {
    network.evaluate(point);
    extra?.(x, f, lu.values);
    const singular = lu.factor();
    if (singular >= 0) return { converged: false, iterations, trouble: singular };
    lu.solve(f);
    let worst = 0;
    for (let n = 1; n < size; n += 1) {
      const change = f[n]!;
      const before = x[n]!;
      const after = before - change;
      x[n] = after;
      const { relative, absolute } = tolerance[kinds[n]!];
      const allowed = relative * Math.max(Math.abs(before), Math.abs(after)) + absolute;
      const share = Math.abs(change) / allowed;
      // A comparison that is false for NaN as well.
      if (!(share <= worst)) {
        worst = share;
        trouble = n;
      }
    }
    if (Number.isNaN(worst)) return { converged: false, iterations, trouble };
    if (worst <= 1) return { converged: true, iterations };
  }
  return { converged: false, iterations: mostIterations, trouble };
}
