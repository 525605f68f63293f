import { Branch } from '../branch';
import type { Device, Point, Slot, Wiring } from '../device';
import { trackOf, type Track, type TrackPoints } from '../track';
import { twoPole } from './two-pole';

/** A servo by its sheet at `refVolts`, all referred to the output shaft. */
export interface ServoValues {
  id: string;
  from: string;
  to?: string;
  refVolts: number;
  stallAmps: number;
  /** N·m */
  stallTorque: number;
  /** rad/s */
  noLoadSpeed: number;
  noLoadAmps: number;
  /** Seconds to near its speed. */
  timeConstant: number;
  idleAmps: number;
  /** Operating point: N·m that it holds. */
  holdTorque?: number;
  /** Operating point: held still while it tries to move. */
  stalled?: boolean;
  /** Angle asked for over time, rad. */
  command?: TrackPoints;
  /** Error over which its drive comes in, rad. */
  band?: number;
  /** Load: N·m per rad, and N·m. */
  loadSpring?: number;
  loadConst?: number;
  omegaEps?: number;
}

/** Speed over which friction comes in, rad/s; and the share of it below which a servo is as good as still. */
const usualEps = 0.1;
const stillShare = 0.2;

/** How much slower than unloaded a hand lets an arm go at its stall torque. */
const gripTimes = 1000;

/** Volts at which its electronics have woken. */
const wakingVolts = 1;

/** The constants of a servo's motor, from its sheet: ohms, N·m per amp, V·s, N·m of friction, kg·m². */
export function servoConstants(values: ServoValues) {
  const { refVolts, stallAmps, noLoadAmps, noLoadSpeed, stallTorque, timeConstant } = values;
  const ohms = refVolts / stallAmps;
  const ke = (refVolts - noLoadAmps * ohms) / noLoadSpeed;
  const kt = stallTorque / (stallAmps - noLoadAmps);
  return { ohms, ke, kt, friction: kt * noLoadAmps, inertia: (timeConstant * kt * ke) / ohms };
}

/**
 * u = clamp((command − θ)/band, −1, 1); Im = (u·V − Ke·ω)/R; Iin = max(0, u·Im) + idleAmps;
 * J·dω/dt = Kt·Im − Tf·tanh(ω/omegaEps) − loadSpring·θ − loadConst − grip·ω; dθ/dt = ω.
 */
export class MovingServo implements Device {
  readonly id: string;
  readonly breakpoints: readonly number[];
  /** Whether it has lost its signal and drives nothing. */
  isLimp = false;
  /** Whether somebody holds its arm. */
  isHeld = false;
  readonly angleIndex: number;
  readonly speedIndex: number;
  private command: Track;
  private readonly plus: number;
  private readonly minus: number;
  private readonly constants: ReturnType<typeof servoConstants>;
  private readonly branch: Branch;
  private readonly slots: Record<
    'speedBySpeed' | 'speedByAngle' | 'speedByPlus' | 'speedByMinus' | 'angleBySpeed',
    Slot
  >;

  constructor(
    readonly values: ServoValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.command = trackOf(values.command);
    this.breakpoints = this.command.breakpoints;
    this.constants = servoConstants(values);
    this.plus = wiring.node(values.from);
    this.minus = wiring.node(values.to ?? 'gnd');
    const speed = wiring.unknown(`${values.id}_w`, 'speed');
    const angle = wiring.unknown(`${values.id}_th`, 'angle');
    this.speedIndex = speed;
    this.angleIndex = angle;
    wiring.mass(speed, speed, this.constants.inertia);
    wiring.mass(angle, angle, 1);
    this.branch = new Branch(wiring, this.plus, this.minus, [this.plus, this.minus, speed, angle]);
    this.slots = {
      speedBySpeed: wiring.slot(speed, speed),
      speedByAngle: wiring.slot(speed, angle),
      speedByPlus: wiring.slot(speed, this.plus),
      speedByMinus: wiring.slot(speed, this.minus),
      angleBySpeed: wiring.slot(angle, speed),
    };
  }

  follow(hand: Track): void {
    this.command = hand;
  }

  /** How hard it drives, −1 to 1. */
  private driveAt(x: Float64Array, time: number): number {
    if (this.isLimp) return 0;
    const error = this.command.value(time) - x[this.angleIndex]!;
    return Math.min(Math.max(error / (this.values.band ?? 0.06), -1), 1);
  }

  amps(x: Float64Array, time: number): number {
    const { ohms, ke } = this.constants;
    const volts = x[this.plus]! - x[this.minus]!;
    const u = this.driveAt(x, time);
    const motorAmps = (u * volts - ke * x[this.speedIndex]!) / ohms;
    return Math.max(0, u * motorAmps) + this.values.idleAmps * Math.min(Math.max(volts, 0) / wakingVolts, 1);
  }

  /** Where an iteration turns it round, friction has its kink between: standing still is where both sides settle. */
  limit(before: Float64Array, after: Float64Array): boolean {
    const [was, is] = [before[this.speedIndex]!, after[this.speedIndex]!];
    const still = stillShare * (this.values.omegaEps ?? usualEps);
    if (was * is >= 0 || Math.abs(was) < still || Math.abs(is) < still) return false;
    after[this.speedIndex] = 0;
    return true;
  }

  stamp(point: Point): void {
    const { x, f, a, time } = point;
    const { values, branch, slots, speedIndex, angleIndex } = this;
    const { ohms, ke, kt, friction } = this.constants;
    const band = values.band ?? 0.06;
    const volts = x[this.plus]! - x[this.minus]!;
    const speed = x[speedIndex]!;
    const angle = x[angleIndex]!;
    const u = this.driveAt(x, time);
    const uByAngle = u > -1 && u < 1 && !this.isLimp ? -1 / band : 0;
    const motorAmps = (u * volts - ke * speed) / ohms;

    const share = Math.min(Math.max(volts, 0) / wakingVolts, 1);
    const ownSlope = share > 0 && share < 1 ? values.idleAmps / wakingVolts : 0;
    const isDrawing = u * motorAmps > 0;
    branch.amps(point, (isDrawing ? u * motorAmps : 0) + values.idleAmps * share);
    const byVolts = (isDrawing ? (u * u) / ohms : 0) + ownSlope;
    branch.slope(point, 0, byVolts);
    branch.slope(point, 1, -byVolts);
    if (isDrawing) {
      branch.slope(point, 2, (-u * ke) / ohms);
      branch.slope(point, 3, uByAngle * (motorAmps + (u * volts) / ohms));
    }

    const eps = values.omegaEps ?? usualEps;
    const tanh = Math.tanh(speed / eps);
    const spring = values.loadSpring ?? 0;
    const grip = this.isHeld ? (gripTimes * values.stallTorque) / values.noLoadSpeed : 0;
    f[speedIndex]! +=
      grip * speed + friction * tanh + spring * angle + (values.loadConst ?? 0) - kt * motorAmps;
    a[slots.speedBySpeed.at]! += grip + (friction * (1 - tanh * tanh)) / eps + (kt * ke) / ohms;
    a[slots.speedByAngle.at]! += spring - (kt * volts * uByAngle) / ohms;
    a[slots.speedByPlus.at]! -= (kt * u) / ohms;
    a[slots.speedByMinus.at]! += (kt * u) / ohms;
    f[angleIndex]! -= speed;
    a[slots.angleBySpeed.at]! -= 1;
  }
}

/** At rest: a stalled servo is a resistor; one that holds draws idleAmps + holdTorque/Kt once it has woken. */
function restingServo(first: ServoValues, wiring: Wiring): Device {
  let values = first;
  let constants = servoConstants(values);
  const device = twoPole(first.id, first.from, first.to, wiring, (volts) => {
    const { ohms, kt } = constants;
    if (values.stalled) return { amps: volts / ohms, siemens: 1 / ohms };
    if (volts <= 0) return { amps: 0, siemens: 0 };
    const holding = values.idleAmps + (values.holdTorque ?? 0) / kt;
    return volts < wakingVolts
      ? { amps: (holding * volts) / wakingVolts, siemens: holding / wakingVolts }
      : { amps: holding, siemens: 0 };
  });
  return {
    ...device,
    retune: (next: ServoValues) => {
      values = next;
      constants = servoConstants(values);
    },
  };
}

export const servo = (values: ServoValues, wiring: Wiring): Device =>
  wiring.isStatic ? restingServo(values, wiring) : new MovingServo(values, wiring);
