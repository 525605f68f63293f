import { Branch } from '../branch';
import type { Device, Point, Slot, Wiring } from '../device';

/** A permanent-magnet motor with what it turns. */
export interface MotorValues {
  id: string;
  from: string;
  to?: string;
  /** Unloaded speed per volt, rev/min per volt. */
  kv: number;
  motorOhms: number;
  noLoadAmps: number;
  /** Load torque at the motor's shaft: N·m, N·m·s, N·m·s². */
  loadConst: number;
  loadLinear: number;
  loadSquare: number;
  /** Part of the load by speed that a screw sheds when the water goes along with it; 0 where not said. */
  slipShare?: number;
  /** Of motor and load at the motor's shaft, kg·m². */
  inertia: number;
  /** Speed over which friction comes in, rad/s. */
  omegaEps: number;
}

/**
 * Ke = Kt = 60/(2π·KV); I = (V − Ke·ω)/motorOhms;
 * J·dω/dt = Kt·I − (Kt·noLoadAmps + loadConst)·tanh(ω/omegaEps) − loadLinear·ω − loadSquare·ω·|ω|.
 * A screw's load falls as the hull gathers way: loadSquare·|ω|·((1 + s)·ω − s·advance), the straight-line
 * torque coefficient of J. S. Carlton, Marine Propellers and Propulsion, chapter 6.
 */
export class Motor implements Device {
  readonly id: string;
  /** Speed at which its screw would go along with the water without slip, rad/s; set between steps. */
  advance = 0;
  readonly speedIndex: number;
  private readonly plus: number;
  private readonly minus: number;
  private readonly kt: number;
  private readonly branch: Branch;
  private readonly bySpeed: Slot;
  private readonly byPlus: Slot;
  private readonly byMinus: Slot;

  constructor(
    readonly values: MotorValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.kt = 60 / (2 * Math.PI * values.kv);
    this.plus = wiring.node(values.from);
    this.minus = wiring.node(values.to ?? 'gnd');
    const speed = wiring.unknown(`${values.id}_w`, 'speed');
    this.speedIndex = speed;
    wiring.mass(speed, speed, values.inertia);
    this.branch = new Branch(wiring, this.plus, this.minus, [this.plus, this.minus, speed]);
    this.bySpeed = wiring.slot(speed, speed);
    this.byPlus = wiring.slot(speed, this.plus);
    this.byMinus = wiring.slot(speed, this.minus);
  }

  /** Amps in its windings; negative while it is braked or turned backwards. */
  amps(x: Float64Array): number {
    return (x[this.plus]! - x[this.minus]! - this.kt * x[this.speedIndex]!) / this.values.motorOhms;
  }

  stamp(point: Point): void {
    const { x, f, a } = point;
    const { kt, branch, values, speedIndex } = this;
    const siemens = 1 / values.motorOhms;
    const speed = x[speedIndex]!;
    const amps = this.amps(x);
    branch.amps(point, amps);
    branch.slope(point, 0, siemens);
    branch.slope(point, 1, -siemens);
    branch.slope(point, 2, -kt * siemens);

    const friction = kt * values.noLoadAmps + values.loadConst;
    const tanh = Math.tanh(speed / values.omegaEps);
    const slip = values.slipShare ?? 0;
    const pull = (1 + slip) * speed - slip * this.advance;
    f[speedIndex]! +=
      friction * tanh + values.loadLinear * speed + values.loadSquare * Math.abs(speed) * pull - kt * amps;
    a[this.bySpeed.at]! +=
      (friction * (1 - tanh * tanh)) / values.omegaEps +
      values.loadLinear +
      values.loadSquare * ((1 + slip) * Math.abs(speed) + Math.sign(speed) * pull) +
      kt * kt * siemens;
    a[this.byPlus.at]! -= kt * siemens;
    a[this.byMinus.at]! += kt * siemens;
  }
}

export const motor = (values: MotorValues, wiring: Wiring): Device => new Motor(values, wiring);
