import type { Push, Pusher } from './pusher';

/** kg/m³. */
const waterDensity = 1000;

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
}

/**
 * T = ρ·D⁴·(s·(kt0·n·|n| − kt1·|n|·v/D) − kt2·v·|v|/D²) with n = ω/(2π·shaftRatio) and
 * s = ½·(1 + asternThrust) + ½·(1 − asternThrust)·tanh(n); Q = ρ·D⁵ and the same with kq and asternTorque. The motor's
 * shaft takes Q/shaftRatio.
 */
export class Screw implements Pusher {
  constructor(private readonly values: ScrewValues) {}

  work(shaft: number, body: number, _time: number, push: Push): void {
    const { diameter, shaftRatio, kt0, kt1, kt2 = 0, kq0, kq1, kq2 = 0 } = this.values;
    const { asternThrust = 1, asternTorque = 1 } = this.values;
    const byShaft = 1 / (2 * Math.PI * shaftRatio);
    const turns = shaft * byShaft;
    const thrust = waterDensity * diameter ** 4;
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
  }
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
