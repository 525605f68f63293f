import { failure, success, type Result } from '../result';
import { allowanceFor, newton, scratchFor, type Tolerance } from '../network/newton';
import type { Network } from '../network/network';
import { History } from './history';

/** What the course does after a step: goes on, goes on after something switched, or ends. */
type AfterStep = 'go on' | 'switched' | 'stop';

export interface CourseTask {
  seconds: number;
  /** Longest step, in seconds. */
  mostStep: number;
  /** Times at which what drives the network bends, beyond those its devices know of. */
  breakpoints?: readonly number[];
  /** Multiplies the errors allowed; 1 where not said. */
  looseness?: number;
  /** Looks at each step that was taken; `x` is the solver's own and changes with the next. */
  onStep: (time: number, x: Float64Array, step: number) => AfterStep;
}

export interface CourseEnd {
  steps: number;
  rejected: number;
  iterations: number;
  time: number;
}

/** Where and when a course could not be followed. */
export interface CourseTrouble {
  reason: 'step too small';
  at: string;
  seconds: number;
}

/** Errors of one step that count: a share of the value, and a floor in V, rad/s or rad. */
const stepError: Tolerance = {
  volts: { relative: 3e-5, absolute: 2e-4 },
  speed: { relative: 5e-4, absolute: 0.02 },
  angle: { relative: 5e-4, absolute: 4e-4 },
  pace: { relative: 5e-4, absolute: 5e-4 },
  celsius: { relative: 1e-4, absolute: 0.02 },
  charge: { relative: 1e-5, absolute: 1e-5 },
};
/** Newton's last change; the error after it is of the order of its square. Of volts as of both wires of a lead. */
const settled: Tolerance = {
  volts: { relative: 5e-5, absolute: 3e-4 },
  speed: { relative: 1e-4, absolute: 2e-3 },
  angle: { relative: 1e-4, absolute: 4e-5 },
  pace: { relative: 1e-4, absolute: 2e-5 },
  celsius: { relative: 1e-5, absolute: 1e-3 },
  charge: { relative: 1e-6, absolute: 1e-7 },
};
/** Looser steps may be settled more loosely too: at thirty a rail is still right to 10 mV. */
const mostSettledBy = 30;
/** From here on a step is taken by what the steps before it have shown of its iteration. */
const leastTrusting = 4;

/** First step at the start and after something switched, times looseness^1.5. */
const firstStep = 2e-6;
const leastStep = 1e-12;
/** Above 1 + √2 the two-step formula is no longer stable. */
const mostGrowth = 2.2;

/**
 * Follows M·dx/dt + f(x, t) = 0 from everything at zero: the two-step backward differentiation formula with a
 * step that varies, begun by backward Euler after each bend, and an error estimate from the distance between
 * an extrapolation and the answer (Milne's device; E. Hairer and G. Wanner, Solving Ordinary Differential
 * Equations II, chapter V). Steps end exactly on bends.
 */
export function integrate(network: Network, task: CourseTask): Result<CourseEnd, CourseTrouble> {
  const { seconds, mostStep, onStep, looseness = 1 } = task;
  const bends = bendsOf(network, task);
  const scratch = scratchFor(network);
  const history = new History(network.size);
  const all = new Float64Array(network.names.length);
  const x = all.subarray(0, network.size);
  const differential = [...new Set(network.masses.map((mass) => mass.column))];
  const { names } = network;
  // Masses as plain numbers: they are gone through in every iteration.
  const row = Int32Array.from(network.masses, (mass) => mass.row);
  const column = Int32Array.from(network.masses, (mass) => mass.column);
  const value = Float64Array.from(network.masses, (mass) => mass.value);
  const slot = Int32Array.from(network.masses, (mass) => mass.slot);
  const settledBy = Math.min(Math.max(looseness, 1), mostSettledBy);
  const allowed = allowanceFor(network, settled, settledBy);
  const stepAllowed = allowanceFor(network, stepError);
  const end: CourseEnd = { steps: 0, rejected: 0, iterations: 0, time: 0 };

  // Rates as `alpha·x + rest`, by the formula of the step in hand.
  let alpha = 0;
  const rest = new Float64Array(network.size);
  const rates = (at: Float64Array, f: Float64Array, a: Float64Array) => {
    for (let n = 0; n < value.length; n += 1) {
      f[row[n]!]! += value[n]! * (alpha * at[column[n]!]! + rest[column[n]!]!);
      a[slot[n]!]! += value[n]! * alpha;
    }
  };

  const course = looseness < leastTrusting ? undefined : { contraction: 1 };
  let bend = 0;
  const restartStep = Math.min(firstStep * looseness ** 1.5, mostStep);
  const stepAfterBend = bendStep * Math.min(looseness, mostSettledBy) ** 1.9;
  let step = restartStep;
  for (const [index, start] of network.starts) x[index] = start;
  history.restart(0, x);
  while (end.time < seconds * (1 - 1e-12)) {
    while (bend < bends.length && bends[bend]! <= end.time * (1 + 1e-12)) bend += 1;
    const ahead = (bend < bends.length ? bends[bend]! : seconds) - end.time;
    // Two even steps to the bend are better than one and a crumb.
    const taken = step >= ahead ? ahead : step > ahead * 0.6 ? ahead / 2 : step;
    const time = taken === ahead ? end.time + ahead : end.time + taken;
    alpha = history.formula(taken, rest);
    history.extrapolate(taken, x);
    network.guess(history.last, x);
    const result = newton(network, scratch, { x, time, extra: rates, allowed, mostIterations: 9, course });
    end.iterations += result.iterations;
    const error = result.converged
      ? history.error(taken, x, differential, stepAllowed) / looseness
      : Infinity;
    if (!result.converged || error > 1.5) {
      end.rejected += 1;
      step = result.converged ? taken * Math.max(0.2, 0.8 * error ** (-1 / history.order)) : taken / 5;
      if (step < leastStep) {
        const at = 'trouble' in result ? (names[result.trouble] ?? 'gnd') : 'gnd';
        return failure({ reason: 'step too small', at, seconds: end.time });
      }
      continue;
    }
    const growth = error > 0 ? 0.85 * error ** (-1 / history.order) : mostGrowth;
    history.push(time, x);
    end.steps += 1;
    end.time = time;
    step = Math.min(taken * Math.min(Math.max(growth, 0.3), mostGrowth), mostStep);
    network.fillIn(all);
    const then = onStep(time, all, taken);
    if (then === 'stop') break;
    const isBend = bend < bends.length && time >= bends[bend]! * (1 - 1e-12);
    if (then === 'switched') {
      history.restart(time, x);
      step = restartStep;
    } else if (isBend) step = Math.min(step, stepAfterBend);
  }
  return success(end);
}

/**
 * First step after a bend, times looseness^1.9 up to thirty (6 ms, with which rails stay right to 10 mV): what drives the
 * network goes on from the same value, so that its past still tells its future.
 */
const bendStep = 1e-5;

/** Bends nearer to each other are one: no step could end between them. */
const leastBend = 1e-7;

function bendsOf(network: Network, task: CourseTask): number[] {
  const all = [...(task.breakpoints ?? []), ...network.devices.flatMap((device) => device.breakpoints ?? [])];
  const bends: number[] = [];
  for (const value of all.sort((a, b) => a - b))
    if (value - (bends.at(-1) ?? 0) > leastBend && value < task.seconds - leastBend) bends.push(value);
  return bends;
}
