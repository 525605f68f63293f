import { Branch, slopesByEnds } from '../branch';
import type { Device, Point, Wiring } from '../device';
import { standby } from '../standby';
import { trackOf, type Track, type TrackPoints } from '../track';
import { breakpointsOf, nothingPassed, passOn, type DutyManner } from './duty-law';

/** A speed controller as an average over a period of its switching; its motors stand apart from it. */
export interface ControllerValues extends DutyManner {
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
  /** Share of full braking at neutral, 0 to 1; for one that lets its motors run free. */
  dragBrake?: number;
  /** Ohms of the motors that hang on it, side by side: what braking by a share goes by. */
  motorOhms?: number;
}

/** Amps by `passOn` against the volts at its output, and quiescentAmps beside. */
export class Controller implements Device {
  readonly id: string;
  readonly breakpoints: readonly number[];
  /** Whether it has cut its motors off to save the pack. */
  isCut = false;
  /** Whether its own heat has stopped it. */
  isShut = false;
  /** Share of full braking that a reversed stick asks for before it drives the other way; set between steps. */
  stickBrake = 0;
  /** Whether its receiver is lost, and the throttle stands where fail-safe puts it. */
  isFailSafe = false;
  /**
   * Throttle that the last solution holds for. A controller that cuts off or loses its receiver does so between two
   * solutions; amps read with the new throttle at the old volts would be those of a short.
   */
  private solvedDuty = 0;
  private readonly passed = nothingPassed();
  private duty: Track;
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
    this.breakpoints = breakpointsOf(values);
    this.input = wiring.node(values.from);
    this.output = wiring.node(values.to);
    this.ground = wiring.node(values.ground ?? 'gnd');
    const controls = [this.input, this.output, this.ground];
    this.inBranch = new Branch(wiring, this.input, this.ground, controls);
    this.outBranch = new Branch(wiring, this.ground, this.output, controls);
  }

  follow(hand: Track): void {
    this.duty = hand;
  }

  /** Throttle that is asked for, −1 to 1. */
  askedAt(time: number): number {
    return this.duty.value(time);
  }

  /** Throttle that it gives. */
  dutyAt(time: number): number {
    return this.isCut || this.isShut || this.isFailSafe || this.stickBrake > 0 ? 0 : this.duty.value(time);
  }

  /** Amps into its motors; negative while it drives or brakes them backwards. */
  outAmps(x: Float64Array): number {
    this.look(x);
    return this.passed.out;
  }

  /** Amps from its supply. */
  amps(x: Float64Array): number {
    this.look(x);
    return this.passed.taken + this.ownAmps(x);
  }

  /** Amps from its supply for its share of amps into motors: negative where braking gives back. */
  inAmps(outAmps: number): number {
    const { synchronous } = this.values;
    const taken = this.solvedDuty * outAmps;
    return synchronous ? taken : Math.max(0, taken);
  }

  /** Amps from its supply that it takes for itself. */
  ownAmps(x: Float64Array): number {
    return standby(this.values.quiescentAmps, x[this.input]! - x[this.ground]!).amps;
  }

  stamp(point: Point): void {
    const { x, time } = point;
    const { passed } = this;
    this.solvedDuty = this.dutyAt(time);
    this.look(x);
    this.outBranch.amps(point, passed.out);
    slopesByEnds(this.outBranch, point, passed.outByInput, passed.outByAgainst);
    const own = standby(this.values.quiescentAmps, x[this.input]! - x[this.ground]!);
    this.inBranch.amps(point, passed.taken + own.amps);
    slopesByEnds(this.inBranch, point, passed.takenByInput + own.siemens, passed.takenByAgainst);
  }

  private look(x: Float64Array): void {
    const ground = x[this.ground]!;
    const [input, output] = [x[this.input]! - ground, x[this.output]! - ground];
    const { escOhms, motorOhms = 0, dragBrake = 0 } = this.values;
    const brake = Math.max(this.stickBrake, dragBrake);
    // A share of braking: −b·E/R of controller and motors together, seen from the output.
    const ohms = escOhms + (this.solvedDuty === 0 ? (1 - brake) * motorOhms : 0);
    passOn(this.values, this.solvedDuty, input, output, ohms, brake, this.passed);
  }
}

export const controller = (values: ControllerValues, wiring: Wiring): Device =>
  new Controller(values, wiring);
