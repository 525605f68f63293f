import type { Device, Point, Slot, Wiring } from '../device';
import { bodySpeed } from './body';

/** A model afloat, moved by the motors whose `screw` names it. */
export interface HullValues {
  id: string;
  /** kg, with the water that goes along. */
  mass: number;
  /** N·s/m and N·s²/m². */
  dragLinear: number;
  dragSquare: number;
}

/** mass·dv/dt = ΣT − dragLinear·v − dragSquare·v·|v|; thrust comes from its motors. State `<id>_v`, m/s. */
export class Hull implements Device {
  readonly id: string;
  readonly speedIndex: number;
  private readonly bySpeed: Slot;

  constructor(
    readonly values: HullValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
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
  }
}

export const hull = (values: HullValues, wiring: Wiring): Device => new Hull(values, wiring);
