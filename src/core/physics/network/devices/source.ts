import { Branch } from '../branch';
import type { Device, Point, Slot, Wiring } from '../device';
import { trackOf, type Track, type TrackPoints } from '../track';

/** A pack: open-circuit volts behind ohms, and where given a polarisation pair in series. */
export interface SourceValues {
  id: string;
  node: string;
  /** Its minus; ground where not said. */
  to?: string;
  /** Open-circuit volts that stay as they are; else `openVolts`, `coulombs` and `charge`. */
  volts?: number;
  /** Open-circuit volts by the charge left, 0 to 1; held beyond the ends. */
  openVolts?: TrackPoints;
  /** What a full pack holds, and how full it is to begin with, 0 to 1. */
  coulombs?: number;
  charge?: number;
  ohms: number;
  r1?: number;
  c1?: number;
}

const leastOhms = 1e-5;

/**
 * I = (V − v1 − (Vplus − Vminus))/ohms with c1·dv1/dt = I − v1/r1; v1 starts at 0, so that at rest the pack
 * stands behind ohms + r1. With `openVolts`, V is read at the charge left: d charge/dt = −I/coulombs, state `<id>_soc`;
 * an operating point reads them at `charge`.
 */
export class Source implements Device {
  readonly id: string;
  /** Open-circuit volts; changed between steps as the pack runs down. */
  volts: number;
  private readonly plus: number;
  private readonly minus: number;
  private siemens: number;
  private readonly branch: Branch;
  private readonly curve: Track | undefined;
  private readonly charge: ChargeState | undefined;
  private readonly polarisation: Polarisation | undefined;

  constructor(values: SourceValues, wiring: Wiring) {
    const { id, node, to = 'gnd', ohms, r1, c1 } = values;
    this.id = id;
    this.curve = values.openVolts && trackOf(values.openVolts);
    this.volts = values.volts ?? this.curve?.value(values.charge ?? 1) ?? 0;
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
    if (this.curve && values.coulombs !== undefined && !wiring.isStatic) {
      const index = wiring.unknown(`${id}_soc`, 'charge', values.charge ?? 1);
      wiring.mass(index, index, values.coulombs);
      this.charge = {
        index,
        bySelf: wiring.slot(index, index),
        byPlus: wiring.slot(index, this.plus),
        byMinus: wiring.slot(index, this.minus),
        ...(this.polarisation && {
          bySag: wiring.slot(index, this.polarisation.index),
          ofSag: wiring.slot(this.polarisation.index, index),
        }),
      };
    }
    const controls = [
      this.plus,
      this.minus,
      ...(this.polarisation ? [this.polarisation.index] : []),
      ...(this.charge ? [this.charge.index] : []),
    ];
    this.branch = new Branch(wiring, this.minus, this.plus, controls);
  }

  retune({ volts, ohms, r1 }: SourceValues): void {
    if (volts !== undefined) this.volts = volts;
    this.siemens = 1 / Math.max(ohms, leastOhms);
    if (this.polarisation && r1) this.polarisation.siemens = 1 / r1;
  }

  /** Amps it gives; negative while it is being charged by another. */
  amps(x: Float64Array): number {
    const sag = this.polarisation ? x[this.polarisation.index]! : 0;
    return (this.openVolts(x) - sag - x[this.plus]! + x[this.minus]!) * this.siemens;
  }

  private openVolts(x: Float64Array): number {
    return this.curve && this.charge ? this.curve.value(x[this.charge.index]!) : this.volts;
  }

  stamp(point: Point): void {
    const { branch, siemens, polarisation, charge } = this;
    const { x, f, a } = point;
    const amps = this.amps(x);
    branch.amps(point, amps);
    branch.slope(point, 0, -siemens);
    branch.slope(point, 1, siemens);
    if (polarisation) {
      branch.slope(point, 2, -siemens);
      const { index, siemens: leak, bySelf, byPlus, byMinus } = polarisation;
      f[index]! += x[index]! * leak - amps;
      a[bySelf.at]! += leak + siemens;
      a[byPlus.at]! += siemens;
      a[byMinus.at]! -= siemens;
    }
    if (!charge || !this.curve) return;
    const byCharge = this.curve.slope(x[charge.index]!) * siemens;
    branch.slope(point, polarisation ? 3 : 2, byCharge);
    f[charge.index]! += amps;
    a[charge.bySelf.at]! += byCharge;
    a[charge.byPlus.at]! -= siemens;
    a[charge.byMinus.at]! += siemens;
    if (charge.bySag) a[charge.bySag.at]! -= siemens;
    if (charge.ofSag) a[charge.ofSag.at]! -= byCharge;
  }
}

interface ChargeState {
  index: number;
  bySelf: Slot;
  byPlus: Slot;
  byMinus: Slot;
  bySag?: Slot;
  ofSag?: Slot;
}

interface Polarisation {
  index: number;
  siemens: number;
  bySelf: Slot;
  byPlus: Slot;
  byMinus: Slot;
}

export const source = (values: SourceValues, wiring: Wiring): Device => new Source(values, wiring);
