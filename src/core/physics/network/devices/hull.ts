import type { Device, Point, Slot, Wiring } from '../device';
import { trackOf, type Track, type TrackPoints } from '../track';
import { bodySpeed } from './body';

/** A model afloat, moved by the motors whose `screw` names it. */
export interface HullValues {
  id: string;
  /** kg, with the water that goes along. */
  mass: number;
  /** N·s/m and N·s²/m². */
  dragLinear: number;
  dragSquare: number;
  /** What holds it back besides, by its speed: m/s and N, the same both ways. */
  drag?: TrackPoints;
  /** N that something outside drives it on with, over time: a sail. */
  push?: TrackPoints;
}

/** mass·dv/dt = ΣT + push(t) − dragLinear·v − dragSquare·v·|v| − drag(|v|)·sign(v); thrust comes from its motors. State `<id>_v`, m/s. */
class Hull implements Device {
  readonly id: string;
  readonly speedIndex: number;
  readonly breakpoints: readonly number[];
  private readonly push: Track | undefined;
  private readonly drag: Track | undefined;
  private readonly bySpeed: Slot;

  constructor(
    readonly values: HullValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.drag = values.drag && trackOf(values.drag);
    this.push = values.push && trackOf(values.push);
    this.breakpoints = this.push?.breakpoints ?? [];
    this.speedIndex = wiring.unknown(...bodySpeed(values.id));
    wiring.mass(this.speedIndex, this.speedIndex, values.mass);
    this.bySpeed = wiring.slot(this.speedIndex, this.speedIndex);
  }

  amps(): number {
    return 0;
  }

  stamp({ x, f, a, time }: Point): void {
    const { dragLinear, dragSquare } = this.values;
    const speed = x[this.speedIndex]!;
    f[this.speedIndex]! += dragLinear * speed + dragSquare * speed * Math.abs(speed);
    a[this.bySpeed.at]! += dragLinear + 2 * dragSquare * Math.abs(speed);
    if (this.push) f[this.speedIndex]! -= this.push.value(time);
    if (!this.drag) return;
    const pace = Math.abs(speed);
    f[this.speedIndex]! += Math.sign(speed) * this.drag.value(pace);
    a[this.bySpeed.at]! += this.drag.slope(pace);
  }
}

export const hull = (values: HullValues, wiring: Wiring): Device => new Hull(values, wiring);
