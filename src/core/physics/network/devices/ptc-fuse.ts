import { Branch } from '../branch';
import type { Device, Point, Slot, Wiring } from '../device';

/** Ohms that stand for none: less than a milliamp from any pack. */
const openOhms = 1e5;

/** A resettable fuse: warm it blocks, cold it passes. */
export interface PtcFuseValues {
  id: string;
  from: string;
  to: string;
  /** Ohms when cold, and how many times those when tripped. */
  rCold: number;
  ratio: number;
  /** °C at which it is half tripped, and over which it trips. */
  tripC: number;
  widthC: number;
  /** J/K. */
  heatCapacity: number;
  /** K/W to the air. */
  thermalOhms: number;
  ambientC: number;
}

/**
 * r = rCold·(1 + (ratio − 1)/(1 + exp((tripC − T)/widthC))), I = ΔV/r,
 * heatCapacity·dT/dt = I²·r − (T − ambientC)/thermalOhms, from ambientC on. State `<id>_temp`, °C.
 */
export class PtcFuse implements Device {
  readonly id: string;
  /** Whether it has opened for good. */
  isBlown = false;
  readonly temperatureIndex: number;
  private readonly from: number;
  private readonly to: number;
  private readonly branch: Branch;
  private readonly bySelf: Slot;
  private readonly byFrom: Slot;
  private readonly byTo: Slot;

  constructor(
    readonly values: PtcFuseValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.from = wiring.node(values.from);
    this.to = wiring.node(values.to);
    const index = wiring.unknown(`${values.id}_temp`, 'celsius', values.ambientC);
    this.temperatureIndex = index;
    wiring.mass(index, index, values.heatCapacity);
    this.branch = new Branch(wiring, this.from, this.to, [this.from, this.to, index]);
    this.bySelf = wiring.slot(index, index);
    this.byFrom = wiring.slot(index, this.from);
    this.byTo = wiring.slot(index, this.to);
  }

  /** Ohms at a temperature. */
  ohms(celsius: number): number {
    const { rCold, ratio } = this.values;
    return this.isBlown ? openOhms : rCold * (1 + (ratio - 1) * this.tripped(celsius));
  }

  amps(x: Float64Array): number {
    return (x[this.from]! - x[this.to]!) / this.ohms(x[this.temperatureIndex]!);
  }

  stamp(point: Point): void {
    const { x, f, a } = point;
    const { branch, temperatureIndex: index } = this;
    const { rCold, ratio, widthC, thermalOhms, ambientC } = this.values;
    const celsius = x[index]!;
    const tripped = this.tripped(celsius);
    const ohms = this.ohms(celsius);
    const ohmsByCelsius = this.isBlown ? 0 : (rCold * (ratio - 1) * tripped * (1 - tripped)) / widthC;
    const volts = x[this.from]! - x[this.to]!;
    const amps = volts / ohms;
    branch.amps(point, amps);
    branch.slope(point, 0, 1 / ohms);
    branch.slope(point, 1, -1 / ohms);
    branch.slope(point, 2, (-amps * ohmsByCelsius) / ohms);
    f[index]! += (celsius - ambientC) / thermalOhms - amps * volts;
    a[this.bySelf.at]! += 1 / thermalOhms + amps * amps * ohmsByCelsius;
    a[this.byFrom.at]! -= 2 * amps;
    a[this.byTo.at]! += 2 * amps;
  }

  /** 0 cold, 1 tripped. */
  private tripped(celsius: number): number {
    return 1 / (1 + Math.exp((this.values.tripC - celsius) / this.values.widthC));
  }
}

export const ptcFuse = (values: PtcFuseValues, wiring: Wiring): Device => new PtcFuse(values, wiring);
