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
}

/** mass·dv/dt = ΣT − dragLinear·v − dragSquare·v·|v| − drag(|v|)·sign(v); thrust comes from its motors. State `<id>_v`, m/s. */
class Hull implements Device {
  readonly id: string;
  readonly speedIndex: number;
  private readonly drag: Track | undefined;
  private readonly bySpeed: Slot;

  constructor(
    readonly values: HullValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.drag = values.drag && trackOf(values.drag);
    this.speedIndex = wiring.unknown(...bodySpeed(values.id));
    wiring.mass(this.speedIndex, this.speedIndex, values.mass);
    this.bySpeed = wiring.slot(this.speedIndex, this.speedIndex);
  }

  amps(): number {
    return 0;
  }

  stamp({ x, f, a }: Point): void {
    const { dragLinear, dragSquare } = this.values;
    const speed = x[this.speedIndex]!;
    f[this.speedIndex]! += dragLinear * speed + dragSquare * speed * Math.abs(speed);
    a[this.bySpeed.at]! += dragLinear + 2 * dragSquare * Math.abs(speed);
    if (!this.drag) return;
    const pace = Math.abs(speed);
    f[this.speedIndex]! += Math.sign(speed) * this.drag.value(pace);
    a[this.bySpeed.at]! += this.drag.slope(pace);
  }
}

export const hull = (values: HullValues, wiring: Wiring): Device => new Hull(values, wiring);
