import { Branch } from '../branch';
import type { Device, Point, Slot, Wiring } from '../device';
import { trackOf, type Track, type TrackPoints } from '../track';

/** A speed controller as an average, and a permanent-magnet motor with what it turns. */
export interface DriveValues {
  id: string;
  from: string;
  to?: string;
  /** Unloaded speed per volt, rev/min per volt. */
  kv: number;
  motorOhms: number;
  escOhms: number;
  noLoadAmps: number;
  /** −1 to 1, as one value or over time. */
  duty: number | TrackPoints;
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
  quiescentAmps: number;
}

/** Volts at which the controller's own electronics have woken. */
const wakingVolts = 1;

/**
 * Ke = Kt = 60/(2π·KV); Im = (duty·Vin − Ke·ω)/R; Iin = max(0, duty·Im) + quiescentAmps;
 * J·dω/dt = Kt·Im − (Kt·noLoadAmps + loadConst)·tanh(ω/omegaEps) − loadLinear·ω − loadSquare·ω·|ω|.
 * A screw's load falls as the hull gathers way: loadSquare·|ω|·((1 + s)·ω − s·advance), the straight-line
 * torque coefficient of J. S. Carlton, Marine Propellers and Propulsion, chapter 6.
 */
export class Drive implements Device {
  readonly id: string;
  readonly breakpoints: readonly number[];
  /** Whether the controller has cut the motor off to save the pack. */
  isCut = false;
  /** Whether its receiver is lost, and the throttle stands where fail-safe puts it. */
  isFailSafe = false;
  /** Speed at which its screw would go along with the water without slip, rad/s; set between steps. */
  advance = 0;
  readonly speedIndex: number;
  private readonly duty: Track;
  private readonly plus: number;
  private readonly minus: number;
  private readonly kt: number;
  private readonly ohms: number;
  private readonly branch: Branch;
  private readonly bySpeed: Slot;
  private readonly byPlus: Slot;
  private readonly byMinus: Slot;

  constructor(
    readonly values: DriveValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.duty = trackOf(values.duty);
    this.breakpoints = this.duty.breakpoints;
    this.kt = 60 / (2 * Math.PI * values.kv);
    this.ohms = values.motorOhms + values.escOhms;
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

  /** Throttle that is asked for, −1 to 1. */
  askedAt(time: number): number {
    return this.duty.value(time);
  }

  private dutyAt(time: number): number {
    return this.isCut || this.isFailSafe ? 0 : this.duty.value(time);
  }

  /** Amps in the motor's windings. */
  motorAmps(x: Float64Array, time: number): number {
    return (this.dutyAt(time) * (x[this.plus]! - x[this.minus]!) - this.kt * x[this.speedIndex]!) / this.ohms;
  }

  /** Amps from the supply. */
  amps(x: Float64Array, time: number): number {
    const own =
      this.values.quiescentAmps * Math.min(Math.max(x[this.plus]! - x[this.minus]!, 0) / wakingVolts, 1);
    return Math.max(0, this.dutyAt(time) * this.motorAmps(x, time)) + own;
  }

  stamp(point: Point): void {
    const { x, f, a, time } = point;
    const { kt, ohms, branch, values, speedIndex } = this;
    const duty = this.dutyAt(time);
    const volts = x[this.plus]! - x[this.minus]!;
    const speed = x[speedIndex]!;
    const motorAmps = (duty * volts - kt * speed) / ohms;

    const own = Math.min(Math.max(volts, 0) / wakingVolts, 1) * values.quiescentAmps;
    const isDrawing = duty * motorAmps > 0;
    const ownSlope = volts > 0 && volts < wakingVolts ? values.quiescentAmps / wakingVolts : 0;
    const byVolts = (isDrawing ? (duty * duty) / ohms : 0) + ownSlope;
    branch.amps(point, (isDrawing ? duty * motorAmps : 0) + own);
    branch.slope(point, 0, byVolts);
    branch.slope(point, 1, -byVolts);
    if (isDrawing) branch.slope(point, 2, (-duty * kt) / ohms);

    const friction = kt * values.noLoadAmps + values.loadConst;
    const tanh = Math.tanh(speed / values.omegaEps);
    const slip = values.slipShare ?? 0;
    const pull = (1 + slip) * speed - slip * this.advance;
    f[speedIndex]! +=
      friction * tanh +
      values.loadLinear * speed +
      values.loadSquare * Math.abs(speed) * pull -
      kt * motorAmps;
    a[this.bySpeed.at]! +=
      (friction * (1 - tanh * tanh)) / values.omegaEps +
      values.loadLinear +
      values.loadSquare * ((1 + slip) * Math.abs(speed) + Math.sign(speed) * pull) +
      (kt * kt) / ohms;
    a[this.byPlus.at]! -= (kt * duty) / ohms;
    a[this.byMinus.at]! += (kt * duty) / ohms;
  }
}

export const drive = (values: DriveValues, wiring: Wiring): Device => new Drive(values, wiring);
