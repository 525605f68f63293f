import { Branch } from '../branch';
import type { Device, Point, Wiring } from '../device';
import { trackOf, type Track, type TrackPoints } from '../track';

/** A receiver, a lamp board, a horn: its amps once it has its volts. */
export interface CurrentLoadValues {
  id: string;
  from: string;
  to?: string;
  amps: number;
  kneeVolts: number;
  /** How far it is on, 0 to 1, as one value or over time; fully where not said. */
  on?: number | TrackPoints;
}

/** I = on·amps·clamp(V/kneeVolts, 0, 1). */
class CurrentLoad implements Device {
  readonly id: string;
  readonly breakpoints: readonly number[];
  private on: Track;
  private readonly plus: number;
  private readonly minus: number;
  private readonly branch: Branch;

  constructor(
    readonly values: CurrentLoadValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.on = trackOf(values.on ?? 1);
    this.breakpoints = this.on.breakpoints;
    this.plus = wiring.node(values.from);
    this.minus = wiring.node(values.to ?? 'gnd');
    this.branch = new Branch(wiring, this.plus, this.minus, [this.plus, this.minus]);
  }

  follow(hand: Track): void {
    this.on = hand;
  }

  amps(x: Float64Array, time: number): number {
    const { amps, kneeVolts } = this.values;
    const share = Math.min(Math.max(x[this.plus]! - x[this.minus]!, 0) / kneeVolts, 1);
    return this.on.value(time) * amps * share;
  }

  stamp(point: Point): void {
    const { kneeVolts } = this.values;
    const volts = point.x[this.plus]! - point.x[this.minus]!;
    const full = this.on.value(point.time) * this.values.amps;
    if (volts <= 0) return;
    const isBelow = volts < kneeVolts;
    this.branch.amps(point, isBelow ? (full * volts) / kneeVolts : full);
    if (!isBelow) return;
    this.branch.slope(point, 0, full / kneeVolts);
    this.branch.slope(point, 1, -full / kneeVolts);
  }
}

export const currentLoad = (values: CurrentLoadValues, wiring: Wiring): Device =>
  new CurrentLoad(values, wiring);
