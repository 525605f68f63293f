import {
  allowanceFor,
  newton,
  scratchFor,
  type Allowance,
  type Scratch,
  type Tolerance,
} from '../network/newton';
import type { Network } from '../network/network';
import { History } from './history';

/** How closely a course is followed. */
export interface CourseManner {
  /** Longest step, in seconds. */
  mostStep: number;
  /** Multiplies the errors allowed; 1 where not said. */
  looseness?: number;
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
 * First step after a bend, times looseness^1.9 up to thirty (6 ms, with which rails stay right to 10 mV): what drives the
 * network goes on from the same value, so that its past still tells its future.
 */
const bendStep = 1e-5;

/**
 * A course of M·dx/dt + f(x, t) = 0 from everything at zero, followed as far as it is asked for: the two-step backward
 * differentiation formula with a step that varies, begun by backward Euler after each switch, and an error estimate from
 * the distance between an extrapolation and the answer (Milne's device; E. Hairer and G. Wanner, Solving Ordinary
 * Differential Equations II, chapter V).
 */
export class Course {
  readonly end: CourseEnd = { steps: 0, rejected: 0, iterations: 0, time: 0 };
  private readonly scratch: Scratch;
  private readonly history: History;
  /** All unknowns, those that are folded away at the end; `x` is the part that is solved for. */
  private readonly all: Float64Array;
  private readonly x: Float64Array;
  private readonly differential: number[];
  private readonly allowed: Allowance;
  private readonly stepAllowed: Allowance;
  private readonly looseness: number;
  private readonly restartStep: number;
  private readonly stepAfterBend: number;
  private readonly memory: { contraction: number } | undefined;
  private readonly rates: (at: Float64Array, f: Float64Array, a: Float64Array) => void;
  // Rates as `alpha·x + rest`, by the formula of the step in hand.
  private alpha = 0;
  private readonly rest: Float64Array;
  private step: number;

  /** @param start sets unknowns that do not begin where their devices say, by index */
  constructor(
    private readonly network: Network,
    { looseness = 1, mostStep }: CourseManner,
    start?: (x: Float64Array) => void,
  ) {
    const { size, names, masses } = network;
    this.looseness = looseness;
    this.scratch = scratchFor(network);
    this.history = new History(size);
    this.all = new Float64Array(names.length);
    this.x = this.all.subarray(0, size);
    this.rest = new Float64Array(size);
    this.differential = [...new Set(masses.map((mass) => mass.column))];
    const settledBy = Math.min(Math.max(looseness, 1), mostSettledBy);
    this.allowed = allowanceFor(network, settled, settledBy);
    this.stepAllowed = allowanceFor(network, stepError);
    this.memory = looseness < leastTrusting ? undefined : { contraction: 1 };
    this.restartStep = Math.min(firstStep * looseness ** 1.5, mostStep);
    this.stepAfterBend = bendStep * Math.min(looseness, mostSettledBy) ** 1.9;
    this.step = this.restartStep;
    this.rates = this.ratesOf(network);
    for (const [index, value] of network.starts) this.x[index] = value;
    start?.(this.x);
    this.history.restart(0, this.x);
  }

  /** Takes one step, and not past a time: it ends exactly there, or well before. @returns what is wrong where it cannot */
  advance(until: number, mostStep: number): CourseTrouble | undefined {
    const { network, history, x, rest, end, looseness } = this;
    for (;;) {
      const ahead = until - end.time;
      // Two even steps to the end are better than one and a crumb.
      const taken = this.step >= ahead ? ahead : this.step > ahead * 0.6 ? ahead / 2 : this.step;
      const time = end.time + taken;
      this.alpha = history.formula(taken, rest);
      history.extrapolate(taken, x);
      network.guess(history.last, x);
      const result = newton(network, this.scratch, {
        x,
        time,
        extra: this.rates,
        allowed: this.allowed,
        mostIterations: 9,
        course: this.memory,
      });
      end.iterations += result.iterations;
      const error = result.converged
        ? history.error(taken, x, this.differential, this.stepAllowed) / looseness
        : Infinity;
      if (result.converged && error <= 1.5) {
        const growth = error > 0 ? 0.85 * error ** (-1 / history.order) : mostGrowth;
        history.push(time, x);
        end.steps += 1;
        end.time = time;
        this.step = Math.min(taken * Math.min(Math.max(growth, 0.3), mostGrowth), mostStep);
        network.fillIn(this.all);
        return undefined;
      }
      end.rejected += 1;
      this.step = result.converged ? taken * Math.max(0.2, 0.8 * error ** (-1 / history.order)) : taken / 5;
      if (this.step < leastStep) {
        const at = 'trouble' in result ? (network.names[result.trouble] ?? 'gnd') : 'gnd';
        return { reason: 'step too small', at, seconds: end.time };
      }
    }
  }

  /** All unknowns at the end of the last step; they change with the next. */
  get now(): Float64Array {
    return this.all;
  }

  /** Something switched: what came before tells nothing of what comes. */
  restart(): void {
    this.history.restart(this.end.time, this.x);
    this.step = this.restartStep;
  }

  /** What drives the network bends here, and goes on from the same value. */
  bend(): void {
    this.step = Math.min(this.step, this.stepAfterBend);
  }

  /** Masses as plain numbers: they are gone through in every iteration. */
  private ratesOf({ masses }: Network): Course['rates'] {
    const row = Int32Array.from(masses, (mass) => mass.row);
    const column = Int32Array.from(masses, (mass) => mass.column);
    const value = Float64Array.from(masses, (mass) => mass.value);
    const slot = Int32Array.from(masses, (mass) => mass.slot);
    return (at, f, a) => {
      const { alpha, rest } = this;
      for (let n = 0; n < value.length; n += 1) {
        f[row[n]!]! += value[n]! * (alpha * at[column[n]!]! + rest[column[n]!]!);
        a[slot[n]!]! += value[n]! * alpha;
      }
    };
  }
}
