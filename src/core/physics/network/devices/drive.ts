import { Branch } from '../branch';
import type { Device, Point, Slot, Wiring } from '../device';
import { standby } from '../standby';
import { trackOf, type Track, type TrackPoints } from '../track';
import { breakpointsOf, nothingPassed, passOn, type DutyManner } from './duty-law';
import { Shaft, type ShaftValues, type Vehicles } from './shaft';

/** A speed controller as an average, and a permanent-magnet motor with what it turns. */
export interface DriveValues extends ShaftValues, DutyManner {
  from: string;
  to?: string;
  motorOhms: number;
  escOhms: number;
  /** −1 to 1, as one value or over time. */
  duty: number | TrackPoints;
  /** Share of full braking at neutral, 0 to 1; for one that runs free. */
  dragBrake?: number;
  quiescentAmps: number;
}

/** Amps by `passOn` against Ke·ω through the ohms of both, and quiescentAmps beside; the shaft by `Shaft`. */
export class Drive implements Device {
  readonly id: string;
  readonly breakpoints: readonly number[];
  private readonly duty: Track;
  private readonly plus: number;
  private readonly minus: number;
  private readonly ohms: number;
  private readonly branch: Branch;
  private readonly shaft: Shaft;
  private readonly byPlus: Slot;
  private readonly byMinus: Slot;
  private readonly passed = nothingPassed();

  constructor(
    readonly values: DriveValues,
    wiring: Wiring,
    vehicles: Vehicles,
  ) {
    this.id = values.id;
    this.duty = trackOf(values.duty);
    this.ohms = values.motorOhms + values.escOhms;
    this.plus = wiring.node(values.from);
    this.minus = wiring.node(values.to ?? 'gnd');
    this.shaft = new Shaft(values, wiring, vehicles);
    this.breakpoints = [...breakpointsOf(values), ...this.shaft.breakpoints];
    const { speedIndex } = this.shaft;
    this.branch = new Branch(wiring, this.plus, this.minus, [this.plus, this.minus, speedIndex]);
    this.byPlus = wiring.slot(speedIndex, this.plus);
    this.byMinus = wiring.slot(speedIndex, this.minus);
  }

  /** Amps in the motor's windings. */
  motorAmps(x: Float64Array, time: number): number {
    this.look(x, time);
    return this.passed.out;
  }

  /** Amps from the supply. */
  amps(x: Float64Array, time: number): number {
    this.look(x, time);
    return this.passed.taken + standby(this.values.quiescentAmps, x[this.plus]! - x[this.minus]!).amps;
  }

  private look(x: Float64Array, time: number): void {
    const volts = x[this.plus]! - x[this.minus]!;
    const { values, shaft, ohms, passed } = this;
    const duty = this.duty.value(time);
    passOn(values, duty, volts, shaft.backVolts(x), ohms, values.dragBrake ?? 0, passed);
  }

  stamp(point: Point): void {
    const { x, a, time } = point;
    const { shaft, branch, passed } = this;
    this.look(x, time);
    const own = standby(this.values.quiescentAmps, x[this.plus]! - x[this.minus]!);
    const byVolts = passed.takenByInput + own.siemens;
    branch.amps(point, passed.taken + own.amps);
    branch.slope(point, 0, byVolts);
    branch.slope(point, 1, -byVolts);
    branch.slope(point, 2, passed.takenByAgainst * shaft.kt);
    shaft.stamp(point, passed.out, passed.outByAgainst * shaft.kt);
    a[this.byPlus.at]! -= shaft.kt * passed.outByInput;
    a[this.byMinus.at]! += shaft.kt * passed.outByInput;
  }
}

export const drive = (values: DriveValues, wiring: Wiring, vehicles: Vehicles): Device =>
  new Drive(values, wiring, vehicles);
