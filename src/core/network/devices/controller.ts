import { Branch, slopesByEnds } from '../branch';
import type { Device, Point, Wiring } from '../device';
import { standby } from '../standby';
import { trackOf, type Track, type TrackPoints } from '../track';

/** A speed controller as an average over a period of its switching; its motors stand apart from it. */
export interface ControllerValues {
  id: string;
  from: string;
  /** Where its motors hang. */
  to: string;
  /** Its minus, shared by input and output; ground where not said. */
  ground?: string;
  escOhms: number;
  /** −1 to 1, as one value or over time. */
  duty: number | TrackPoints;
  quiescentAmps: number;
}

/** Iout = (duty·Vin − Vout)/escOhms; Iin = max(0, duty·Iout) + quiescentAmps: it brakes, and gives nothing back. */
export class Controller implements Device {
  readonly id: string;
  readonly breakpoints: readonly number[];
  /** Whether it has cut its motors off to save the pack. */
  isCut = false;
  /** Whether its receiver is lost, and the throttle stands where fail-safe puts it. */
  isFailSafe = false;
  /**
   * Throttle that the last solution holds for. A controller that cuts off or loses its receiver does so between two
   * solutions; amps read with the new throttle at the old volts would be those of a short.
   */
  private solvedDuty = 0;
  private readonly duty: Track;
  private readonly input: number;
  private readonly output: number;
  private readonly ground: number;
  private readonly inBranch: Branch;
  private readonly outBranch: Branch;

  constructor(
    readonly values: ControllerValues,
    wiring: Wiring,
  ) {
    this.id = values.id;
    this.duty = trackOf(values.duty);
    this.breakpoints = this.duty.breakpoints;
    this.input = wiring.node(values.from);
    this.output = wiring.node(values.to);
    this.ground = wiring.node(values.ground ?? 'gnd');
    const controls = [this.input, this.output, this.ground];
    this.inBranch = new Branch(wiring, this.input, this.ground, controls);
    this.outBranch = new Branch(wiring, this.ground, this.output, controls);
  }

  /** Throttle that is asked for, −1 to 1. */
  askedAt(time: number): number {
    return this.duty.value(time);
  }

  /** Throttle that it gives. */
  dutyAt(time: number): number {
    return this.isCut || this.isFailSafe ? 0 : this.duty.value(time);
  }

  /** Amps into its motors; negative while it drives or brakes them backwards. */
  outAmps(x: Float64Array): number {
    const ground = x[this.ground]!;
    return (this.solvedDuty * (x[this.input]! - ground) - x[this.output]! + ground) / this.values.escOhms;
  }

  /** Amps from its supply. */
  amps(x: Float64Array): number {
    return this.inAmps(this.outAmps(x)) + this.ownAmps(x);
  }

  /** Amps from its supply for amps into a motor: it brakes, and gives nothing back. */
  inAmps(outAmps: number): number {
    return Math.max(0, this.solvedDuty * outAmps);
  }

  /** Amps from its supply that it takes for itself. */
  ownAmps(x: Float64Array): number {
    return standby(this.values.quiescentAmps, x[this.input]! - x[this.ground]!).amps;
  }

  stamp(point: Point): void {
    const { x, time } = point;
    const { escOhms } = this.values;
    const duty = (this.solvedDuty = this.dutyAt(time));
    const out = this.outAmps(x);
    this.outBranch.amps(point, out);
    slopesByEnds(this.outBranch, point, duty / escOhms, -1 / escOhms);

    const own = standby(this.values.quiescentAmps, x[this.input]! - x[this.ground]!);
    const isDrawing = duty * out > 0;
    this.inBranch.amps(point, (isDrawing ? duty * out : 0) + own.amps);
    slopesByEnds(
      this.inBranch,
      point,
      (isDrawing ? (duty * duty) / escOhms : 0) + own.siemens,
      isDrawing ? -duty / escOhms : 0,
    );
  }
}

export const controller = (values: ControllerValues, wiring: Wiring): Device =>
  new Controller(values, wiring);
