import { waterDensity } from '../../../base/quantity/constants';
import type { Push, Pusher } from './pusher';

/** A screw by the lines of its open-water test. */
export interface ScrewValues {
  /** Id of the hull. */
  on: string;
  /** m. */
  diameter: number;
  /** Turns of the motor for one of the screw. */
  shaftRatio: number;
  /** Thrust and torque held still, by the water's pace, and by its square. */
  kt0: number;
  kt1: number;
  kt2?: number;
  kq0: number;
  kq1: number;
  kq2?: number;
  /** Share of thrust and torque that is left when it turns astern; 1 where not said. */
  asternThrust?: number;
  asternTorque?: number;
  /** N given to the body near which it cavitates; never where not said. */
  cavitationThrust?: number;
}

/**
 * T = ρ·D⁴·(s·(kt0·n·|n| − kt1·|n|·v/D) − kt2·v·|v|/D²) with n = ω/(2π·shaftRatio) and
 * s = ½·(1 + asternThrust) + ½·(1 − asternThrust)·tanh(n); Q = ρ·D⁵ and the same with kq and asternTorque. The motor's
 * shaft takes Q/shaftRatio. Where it cavitates, T > 0 ahead or T < 0 astern, T′ = T/(1 + (T/Tc)⁴)^¼ and
 * Q′ = Q·(½ + ½·T′/T).
 */
export class Screw implements Pusher {
  constructor(private readonly values: ScrewValues) {}

  work(shaft: number, body: number, _time: number, push: Push): void {
    const { diameter, shaftRatio, kt0, kt1, kt2 = 0, kq0, kq1, kq2 = 0 } = this.values;
    const { asternThrust = 1, asternTorque = 1 } = this.values;
    const byShaft = 1 / (2 * Math.PI * shaftRatio);
    const turns = shaft * byShaft;
    const thrust = waterDensity * fourth(diameter);
    const torque = (thrust * diameter) / shaftRatio;
    const pace = body / diameter;
    line(turns, pace, kt0, kt1, kt2, asternThrust);
    push.force = thrust * found.value;
    push.forceByShaft = thrust * found.byTurns * byShaft;
    push.forceByBody = (thrust * found.byPace) / diameter;
    line(turns, pace, kq0, kq1, kq2, asternTorque);
    push.torque = torque * found.value;
    push.torqueByShaft = torque * found.byTurns * byShaft;
    push.torqueByBody = (torque * found.byPace) / diameter;
    const { cavitationThrust } = this.values;
    if (cavitationThrust !== undefined && push.force * turns > 0) cavitate(push, cavitationThrust);
  }
}

/** A product, for `**` takes many times as long and this is gone through in every iteration. */
const fourth = (value: number): number => value * value * (value * value);

/** Share of the thrust that is left beside bubbles. @param load thrust over the thrust near which it cavitates */
const leftOfThrust = (load: number): number => 1 / Math.sqrt(Math.sqrt(1 + fourth(load)));

function cavitate(push: Push, most: number): void {
  const load = push.force / most;
  const left = leftOfThrust(load);
  const fifth = fourth(left) * left;
  const leftByForce = (-load * load * load * fifth) / most;
  const share = 0.5 + 0.5 * left;
  push.torqueByShaft = share * push.torqueByShaft + 0.5 * leftByForce * push.forceByShaft * push.torque;
  push.torqueByBody = share * push.torqueByBody + 0.5 * leftByForce * push.forceByBody * push.torque;
  push.torque *= share;
  // d(F·(1 + u⁴)^−¼)/dF = (1 + u⁴)^−5/4
  push.force *= left;
  push.forceByShaft *= fifth;
  push.forceByBody *= fifth;
}

const found = { value: 0, byTurns: 0, byPace: 0 };

/** One line of the open-water test, by turns per second and the water's pace in diameters per second. */
function line(turns: number, pace: number, k0: number, k1: number, k2: number, astern: number): void {
  const tanh = Math.tanh(turns);
  const way = 0.5 * (1 + astern) + 0.5 * (1 - astern) * tanh;
  const wayByTurns = 0.5 * (1 - astern) * (1 - tanh * tanh);
  const own = k0 * turns * Math.abs(turns) - k1 * Math.abs(turns) * pace;
  found.value = way * own - k2 * pace * Math.abs(pace);
  found.byTurns = wayByTurns * own + way * (2 * k0 * Math.abs(turns) - k1 * (turns < 0 ? -pace : pace));
  found.byPace = -way * k1 * Math.abs(turns) - 2 * k2 * Math.abs(pace);
}
