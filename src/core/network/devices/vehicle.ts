import type { Device, Point, Slot, Wiring } from '../device';
import { trackOf, type Track, type TrackPoints } from '../track';
import { bodySpeed, gravity } from './body';

/** kg/m³ at 20 °C. */
const airDensity = 1.2;

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
}

/**
 * mass·dv/dt = ΣF − mass·g·(crr·cos(grade)·tanh(v/vEps) + sin(grade)) − ½·ρ·cdA·v·|v| + push(t); what its wheels push
 * comes from its motors. State `<id>_v`, m/s.
 */
class Vehicle implements Device {
  readonly id: string;
  readonly breakpoints: readonly number[];
  readonly speedIndex: number;
  private readonly grade: Track;
  private readonly push: Track | undefined;
  private readonly bySpeed: Slot;

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
  }
}

export const vehicle = (values: VehicleValues, wiring: Wiring): Device => new Vehicle(values, wiring);
