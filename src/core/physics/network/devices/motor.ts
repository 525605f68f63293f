import { Branch } from '../branch';
import type { Device, Point, Slot, Wiring } from '../device';
import { Shaft, type ShaftValues, type Vehicles } from './shaft';

/** A permanent-magnet motor with what it turns. */
export interface MotorValues extends ShaftValues {
  from: string;
  to?: string;
  motorOhms: number;
}

/** I = (V − Ke·ω)/motorOhms; the shaft by `Shaft`. */
export class Motor implements Device {
  readonly id: string;
  readonly shaft: Shaft;
  readonly breakpoints: readonly number[];
  private readonly plus: number;
  private readonly minus: number;
  private readonly branch: Branch;
  private readonly byPlus: Slot;
  private readonly byMinus: Slot;

  constructor(
    readonly values: MotorValues,
    wiring: Wiring,
    vehicles: Vehicles,
  ) {
    this.id = values.id;
    this.plus = wiring.node(values.from);
    this.minus = wiring.node(values.to ?? 'gnd');
    this.shaft = new Shaft(values, wiring, vehicles);
    this.breakpoints = this.shaft.breakpoints;
    const { speedIndex } = this.shaft;
    this.branch = new Branch(wiring, this.plus, this.minus, [this.plus, this.minus, speedIndex]);
    this.byPlus = wiring.slot(speedIndex, this.plus);
    this.byMinus = wiring.slot(speedIndex, this.minus);
  }

  /** Amps in its windings; negative while it is braked or turned backwards. */
  amps(x: Float64Array): number {
    return (x[this.plus]! - x[this.minus]! - this.shaft.backVolts(x)) / this.values.motorOhms;
  }

  stamp(point: Point): void {
    const { branch, shaft } = this;
    const { kt } = shaft;
    const siemens = 1 / this.values.motorOhms;
    const amps = this.amps(point.x);
    branch.amps(point, amps);
    branch.slope(point, 0, siemens);
    branch.slope(point, 1, -siemens);
    branch.slope(point, 2, -kt * siemens);
    shaft.stamp(point, amps, -kt * siemens);
    point.a[this.byPlus.at]! -= kt * siemens;
    point.a[this.byMinus.at]! += kt * siemens;
  }
}

export const motor = (values: MotorValues, wiring: Wiring, vehicles: Vehicles): Device =>
  new Motor(values, wiring, vehicles);
