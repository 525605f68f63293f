import { Branch, slopesByEnds } from '../branch';
import type { Device, Point, Wiring } from '../device';
import { standby } from '../standby';

/** A BEC, switching or linear. */
export interface RegulatorValues {
  id: string;
  from: string;
  to: string;
  /** Its minus, shared by input and output; ground where not said. */
  ground?: string;
  setVolts: number;
  maxAmps: number;
  dropoutVolts: number;
  quiescentAmps: number;
  outOhms: number;
}

/** Amps into a regulator for amps out of it, and its slopes. */
export interface InputAmps {
  amps: number;
  byInput: number;
  byOutput: number;
  byOutAmps: number;
}

/**
 * Iout = clamp((min(setVolts, Vin − dropoutVolts) − Vout)/outOhms, 0, maxAmps): it only gives, and a higher
 * neighbour shuts it off. What it takes is said by its kind.
 */
export class Regulator implements Device {
  readonly id: string;
  /** Whether its own heat has stopped it. */
  isShut = false;
  private readonly input: number;
  private readonly output: number;
  private readonly ground: number;
  private readonly inBranch: Branch;
  private readonly outBranch: Branch;

  constructor(
    public values: RegulatorValues,
    wiring: Wiring,
    private readonly take: (vin: number, vout: number, outAmps: number) => InputAmps,
  ) {
    this.id = values.id;
    this.input = wiring.node(values.from);
    this.output = wiring.node(values.to);
    this.ground = wiring.node(values.ground ?? 'gnd');
    const controls = [this.input, this.output, this.ground];
    this.inBranch = new Branch(wiring, this.input, this.ground, controls);
    this.outBranch = new Branch(wiring, this.ground, this.output, controls);
  }

  retune(values: RegulatorValues): void {
    this.values = values;
  }

  /** Amps it gives. */
  amps(x: Float64Array): number {
    return this.isShut ? 0 : Math.min(Math.max(this.wanted(x), 0), this.values.maxAmps);
  }

  /** Amps it takes. */
  inputAmps(x: Float64Array): number {
    const ground = x[this.ground]!;
    const vin = x[this.input]! - ground;
    return (
      standby(this.values.quiescentAmps, vin).amps +
      this.take(vin, x[this.output]! - ground, this.amps(x)).amps
    );
  }

  /** Watts that become heat in it. */
  lossWatts(x: Float64Array): number {
    const ground = x[this.ground]!;
    return (x[this.input]! - ground) * this.inputAmps(x) - (x[this.output]! - ground) * this.amps(x);
  }

  /** Whether it gives all that it can. */
  isLimiting(x: Float64Array): boolean {
    return !this.isShut && this.amps(x) >= this.values.maxAmps * (1 - 1e-9);
  }

  limit(before: Float64Array, after: Float64Array): boolean {
    const [was, is] = [this.wanted(before), this.wanted(after)];
    const { maxAmps, outOhms } = this.values;
    const hasCrossed = (was >= maxAmps && is <= 0) || (was <= 0 && is >= maxAmps);
    if (!hasCrossed || this.isShut) return false;
    // Where it would give half of what it can.
    after[this.output]! += (is - maxAmps / 2) * outOhms;
    return true;
  }

  /** One that gives freely is taken to go on so: beyond its limits nothing tells how far its output will go. */
  guess(last: Float64Array, start: Float64Array): void {
    const [was, is] = [this.wanted(last), this.wanted(start)];
    const { maxAmps, outOhms } = this.values;
    const isFree = was > 0 && was < maxAmps;
    if (isFree && (is <= 0 || is >= maxAmps)) start[this.output]! += (is - was) * outOhms;
  }

  /** Amps it would give if it had no limits. */
  private wanted(x: Float64Array): number {
    const { setVolts, dropoutVolts, outOhms } = this.values;
    const ground = x[this.ground]!;
    return (Math.min(setVolts, x[this.input]! - ground - dropoutVolts) - x[this.output]! + ground) / outOhms;
  }

  stamp(point: Point): void {
    const { setVolts, dropoutVolts, outOhms, maxAmps } = this.values;
    const { x } = point;
    const ground = x[this.ground]!;
    const vin = x[this.input]! - ground;
    const vout = x[this.output]! - ground;
    const isDroppingOut = vin - dropoutVolts < setVolts;
    const wanted = ((isDroppingOut ? vin - dropoutVolts : setVolts) - vout) / outOhms;
    const outAmps = this.isShut ? 0 : Math.min(Math.max(wanted, 0), maxAmps);
    const isFree = !this.isShut && wanted > 0 && wanted < maxAmps;
    const outByOutput = isFree ? -1 / outOhms : 0;
    const outByInput = isFree && isDroppingOut ? 1 / outOhms : 0;
    this.outBranch.amps(point, outAmps);
    slopesByEnds(this.outBranch, point, outByInput, outByOutput);

    const own = standby(this.values.quiescentAmps, vin);
    const taken = this.take(vin, vout, outAmps);
    this.inBranch.amps(point, own.amps + taken.amps);
    const byInput = own.siemens + taken.byInput + taken.byOutAmps * outByInput;
    const byOutput = taken.byOutput + taken.byOutAmps * outByOutput;
    slopesByEnds(this.inBranch, point, byInput, byOutput);
  }
}
