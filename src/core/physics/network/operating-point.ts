import { failure, success, type Result } from '../../base/result';
import { allowanceFor, newton, scratchFor, type Allowance, type Scratch, type Tolerance } from './newton';
import type { Network } from './network';

/** Where a network comes to rest after everything was off. */
export interface OperatingPoint {
  /** Volts of nodes and devices' own unknowns, by index of the network. */
  x: Float64Array;
  /** The attempt of the ladder that got there. */
  attempt: string;
  iterations: number;
}

/** Why there is no operating point, and where the trouble sits. */
export interface NoOperatingPoint {
  reason: 'does not settle';
  /** Name of the node or unknown that settled last or not at all. */
  at: string;
}

/** In V, rad/s and rad: well below what any reading shows. */
const tolerance: Tolerance = {
  volts: { relative: 1e-7, absolute: 1e-7 },
  speed: { relative: 1e-7, absolute: 1e-5 },
  angle: { relative: 1e-7, absolute: 1e-8 },
  pace: { relative: 1e-7, absolute: 1e-7 },
  celsius: { relative: 1e-7, absolute: 1e-5 },
  charge: { relative: 1e-7, absolute: 1e-9 },
};
const coarse: Tolerance = {
  volts: { relative: 1e-3, absolute: 1e-3 },
  speed: { relative: 1e-3, absolute: 1e-1 },
  angle: { relative: 1e-3, absolute: 1e-4 },
  pace: { relative: 1e-3, absolute: 1e-3 },
  celsius: { relative: 1e-3, absolute: 0.1 },
  charge: { relative: 1e-3, absolute: 1e-4 },
};

/** How power comes up in one attempt: what each node holds, and how boldly the steps grow. */
interface Attempt {
  name: string;
  /** Farads imagined at every node. */
  farads: number;
  firstStep: number;
  growth: number;
  /** Most volts a node may move in one step. */
  mostVolts: number;
  mostSteps: number;
}

const ladder: readonly Attempt[] = [
  { name: 'power up', farads: 1e-3, firstStep: 1e-2, growth: 100, mostVolts: 15, mostSteps: 400 },
  { name: 'power up, with care', farads: 1e-3, firstStep: 3e-5, growth: 6, mostVolts: 3, mostSteps: 400 },
  { name: 'power up, slowly', farads: 1e-3, firstStep: 1e-6, growth: 1.6, mostVolts: 0.5, mostSteps: 4000 },
  { name: 'power up, heavily', farads: 0.1, firstStep: 1e-6, growth: 1.3, mostVolts: 0.2, mostSteps: 20_000 },
];

/**
 * The operating point reached from power-up: every node starts at 0 V, holds a little charge, and is followed
 * through steps that grow as it calms down, until nothing moves (pseudo-transient continuation, C. T. Kelley
 * and D. E. Keyes, SIAM J. Numer. Anal. 35, 1998). Where several states are possible this is the one that a
 * real model would wake up in.
 */
export function operatingPoint(network: Network): Result<OperatingPoint, NoOperatingPoint> {
  const room = roomFor(network);
  let trouble = 0;
  let iterations = 0;
  for (const attempt of ladder) {
    const x = new Float64Array(network.names.length);
    const end = climb(network, room, x.subarray(0, network.size), attempt);
    iterations += end.iterations;
    network.fillIn(x);
    if (end.converged) return success({ x, attempt: attempt.name, iterations });
    trouble = end.trouble;
  }
  return failure({ reason: 'does not settle', at: network.names[trouble] ?? 'gnd' });
}

/** What the climbing needs of one network, kept for its next moment. */
interface Room {
  scratch: Scratch;
  allowed: Record<'fine' | 'coarse', Allowance>;
  /** Unknowns that hold an imagined charge, and the slots of their diagonals. */
  held: Int32Array;
  heldSlots: Int32Array;
  /** The masses of unknowns that are no voltages. */
  masses: Network['masses'];
}

const rooms = new WeakMap<Network, Room>();

function roomFor(network: Network): Room {
  let room = rooms.get(network);
  if (!room) {
    const allowed = { fine: allowanceFor(network, tolerance), coarse: allowanceFor(network, coarse) };
    const { lu, kinds, size } = network;
    const inert = new Set(network.masses.map((mass) => mass.row));
    const held = Int32Array.from(kinds.keys()).filter(
      (n) => n > 0 && n < size && (!inert.has(n) || kinds[n] === 'volts'),
    );
    const masses = network.masses.filter(({ row }) => kinds[row] !== 'volts');
    const heldSlots = held.map((n) => lu.slot(n, n));
    rooms.set(network, (room = { scratch: scratchFor(network), allowed, held, heldSlots, masses }));
  }
  return room;
}

function climb(network: Network, room: Room, x: Float64Array, attempt: Attempt) {
  const { scratch, allowed, held, heldSlots, masses } = room;
  const { farads, growth, mostVolts } = attempt;
  const { kinds } = network;
  const from = scratch.old;
  let step = attempt.firstStep;
  let iterations = 0;
  let trouble = 0;
  const hold = (at: Float64Array, f: Float64Array, a: Float64Array) => {
    const rate = farads / step;
    for (let n = 0; n < held.length; n += 1) {
      const unknown = held[n]!;
      f[unknown]! += rate * (at[unknown]! - from[unknown]!);
      a[heldSlots[n]!]! += rate;
    }
    for (const { row, column, value, slot } of masses) {
      f[row]! += (value / step) * (at[column]! - from[column]!);
      a[slot]! += value / step;
    }
  };
  for (let n = 0; n < attempt.mostSteps; n += 1) {
    from.set(x);
    const { converged, ...end } = newton(network, scratch, {
      x,
      time: 0,
      extra: hold,
      allowed: allowed.coarse,
      mostIterations: 8,
    });
    iterations += end.iterations;
    const moved = converged ? mostMoved(from, x, kinds) : Infinity;
    if (!converged || moved > 2 * mostVolts) {
      if ('trouble' in end) trouble = end.trouble;
      x.set(from);
      step /= 6;
      if (step < 1e-14) break;
      continue;
    }
    if (moved < 1e-3) {
      // Calm enough to let go of what held the nodes.
      const last = newton(network, scratch, { x, time: 0, allowed: allowed.fine, mostIterations: 12 });
      iterations += last.iterations;
      if (last.converged && mostMoved(from, x, kinds) < 0.05) return { converged: true, iterations, trouble };
      if (!last.converged) trouble = last.trouble;
      x.set(from);
    }
    step *= moved > mostVolts ? 0.7 : growth;
  }
  return { converged: false, iterations, trouble };
}

/** The largest change of a voltage, in volts. */
function mostMoved(from: Float64Array, to: Float64Array, kinds: readonly string[]): number {
  let most = 0;
  for (let n = 1; n < to.length; n += 1)
    if (kinds[n] === 'volts') most = Math.max(most, Math.abs(to[n]! - from[n]!));
  return most;
}
