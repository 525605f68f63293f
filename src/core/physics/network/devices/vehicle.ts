import { airDensity } from '../../../base/quantity/constants';
import type { Device, Point, Slot, Wiring } from '../device';
import { trackOf, type Track, type TrackPoints } from '../track';
import { bodySpeed, turningSpeed } from './body';
import { gravity } from '../../../base/quantity/constants';

/** What turns by driving its sides at different speeds. */
export interface SkidSteering {
  /** Grip sideways on the ground. */
  mu: number;
  /** Length on the ground over the distance of the sides' middles. */
  lengthOverGauge: number;
}

/** A model on wheels or tracks, moved by the motors whose `wheels` name it. */
export interface VehicleValues {
  id: string;
  /** kg. */
  mass: number;
  /** Force to roll as a share of weight. */
  crr: number;
  /** Speed over which rolling comes in, m/s. */
  vEps: number;
  /** Drag coefficient times frontal area, m². */
  cdA: number;
  /** Slope of the ground over time, in radians; up is positive. */
  grade: number | TrackPoints;
  /** N that something outside drives it on with, over time: a sail. */
  push?: TrackPoints;
  skid?: SkidSteering;
}

/**
 * mass·dv/dt = ΣF − mass·g·(crr·cos(grade)·tanh(v/vEps) + sin(grade)) − ½·ρ·cdA·v·|v| + push(t); what its wheels push
 * comes from its motors. State `<id>_v`, m/s. With skid steering also `<id>_turn`, m/s of a side against the middle:
 * mass·(1 + (L/B)²)/3·du/dt = Σ±F − ½·mu·mass·g·cos(grade)·(L/B)·tanh(u/vEps), a box that scrubs along its whole
 * length, so that each side pushes a quarter of mu·mass·g·L/B in a steady turn.
 */
class Vehicle implements Device {
  readonly id: string;
  readonly breakpoints: readonly number[];
  readonly speedIndex: number;
  private readonly grade: Track;
  private readonly push: Track | undefined;
  private readonly bySpeed: Slot;
  private readonly turn: { index: number; bySelf: Slot } | undefined;

  constructor(
    readonly values: VehicleValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.grade = trackOf(values.grade);
    this.push = values.push && trackOf(values.push);
    this.breakpoints = [...this.grade.breakpoints, ...(this.push?.breakpoints ?? [])];
    this.speedIndex = wiring.unknown(...bodySpeed(values.id));
    wiring.mass(this.speedIndex, this.speedIndex, values.mass);
    this.bySpeed = wiring.slot(this.speedIndex, this.speedIndex);
    if (!values.skid) return;
    const index = wiring.unknown(...turningSpeed(values.id));
    wiring.mass(index, index, (values.mass * (1 + values.skid.lengthOverGauge ** 2)) / 3);
    this.turn = { index, bySelf: wiring.slot(index, index) };
  }

  amps(): number {
    return 0;
  }

  stamp({ x, f, a, time }: Point): void {
    const { mass, crr, vEps, cdA } = this.values;
    const speed = x[this.speedIndex]!;
    const grade = this.grade.value(time);
    const rolling = mass * gravity * crr * Math.cos(grade);
    const tanh = Math.tanh(speed / vEps);
    f[this.speedIndex]! +=
      rolling * tanh + mass * gravity * Math.sin(grade) + 0.5 * airDensity * cdA * speed * Math.abs(speed);
    if (this.push) f[this.speedIndex]! -= this.push.value(time);
    a[this.bySpeed.at]! += (rolling * (1 - tanh * tanh)) / vEps + airDensity * cdA * Math.abs(speed);
    const { skid } = this.values;
    if (!this.turn || !skid) return;
    const scrub = 0.5 * skid.mu * mass * gravity * Math.cos(grade) * skid.lengthOverGauge;
    const turning = Math.tanh(x[this.turn.index]! / vEps);
    f[this.turn.index]! += scrub * turning;
    a[this.turn.bySelf.at]! += (scrub * (1 - turning * turning)) / vEps;
  }
}

export const vehicle = (values: VehicleValues, wiring: Wiring): Device => new Vehicle(values, wiring);
