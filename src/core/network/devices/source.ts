import { Branch } from '../branch';
import type { Device, Point, Slot, Wiring } from '../device';

/** A pack: open-circuit volts behind ohms, and where given a polarisation pair in series. */
export interface SourceValues {
  id: string;
  node: string;
  /** Its minus; ground where not said. */
  to?: string;
  volts: number;
  ohms: number;
  r1?: number;
  c1?: number;
}

const leastOhms = 1e-5;

/**
 * I = (V − v1 − (Vplus − Vminus))/ohms with c1·dv1/dt = I − v1/r1; v1 starts at 0, so that at rest the pack
 * stands behind ohms + r1.
 */
export class Source implements Device {
  readonly id: string;
  /** Open-circuit volts; changed between steps as the pack runs down. */
  volts: number;
  private readonly plus: number;
  private readonly minus: number;
  private siemens: number;
  private readonly branch: Branch;
  private readonly polarisation: Polarisation | undefined;

  constructor({ id, node, to = 'gnd', volts, ohms, r1, c1 }: SourceValues, wiring: Wiring) {
    this.id = id;
    this.volts = volts;
    this.plus = wiring.node(node);
    this.minus = wiring.node(to);
    this.siemens = 1 / Math.max(ohms, leastOhms);
    if (r1) {
      const index = wiring.unknown(`${id}_v1`, 'volts');
      wiring.mass(index, index, c1 ?? 0);
      const bySelf = wiring.slot(index, index);
      this.polarisation = {
        index,
        siemens: 1 / r1,
        bySelf,
        byPlus: wiring.slot(index, this.plus),
        byMinus: wiring.slot(index, this.minus),
      };
    }
    const controls = [this.plus, this.minus, ...(this.polarisation ? [this.polarisation.index] : [])];
    this.branch = new Branch(wiring, this.minus, this.plus, controls);
  }

  retune({ volts, ohms, r1 }: SourceValues): void {
    this.volts = volts;
    this.siemens = 1 / Math.max(ohms, leastOhms);
    if (this.polarisation && r1) this.polarisation.siemens = 1 / r1;
  }

  /** Amps it gives; negative while it is being charged by another. */
  amps(x: Float64Array): number {
    const sag = this.polarisation ? x[this.polarisation.index]! : 0;
    return (this.volts - sag - x[this.plus]! + x[this.minus]!) * this.siemens;
  }

  stamp(point: Point): void {
    const { branch, siemens, polarisation } = this;
    const amps = this.amps(point.x);
    branch.amps(point, amps);
    branch.slope(point, 0, -siemens);
    branch.slope(point, 1, siemens);
    if (!polarisation) return;
    branch.slope(point, 2, -siemens);
    const { index, siemens: leak, bySelf, byPlus, byMinus } = polarisation;
    point.f[index]! += point.x[index]! * leak - amps;
    point.a[bySelf.at]! += leak + siemens;
    point.a[byPlus.at]! += siemens;
    point.a[byMinus.at]! -= siemens;
  }
}

interface Polarisation {
  index: number;
  siemens: number;
  bySelf: Slot;
  byPlus: Slot;
  byMinus: Slot;
}

export const source = (values: SourceValues, wiring: Wiring): Device => new Source(values, wiring);
