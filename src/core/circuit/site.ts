import type { Element } from '../network/devices';
import type { PartKind } from '../parts/part-spec';
import type { Fitted } from '../survey/build-index';
import type { Conditions } from './conditions';
import type { Estimates } from './estimates';

/** What a part needs to know of the place where it stands, to say which elements it is. */
export interface Site<K extends PartKind> {
  fitted: Fitted<K>;
  /** The name of a node of the network, by a net of the part. */
  node: (net: string) => string;
  conditions: Conditions;
  estimates: Estimates;
  /** Nominal volts where it takes its power; `undefined` where nothing feeds it. */
  supplyVolts: number | undefined;
  /** Motors: nominal volts of the packs that its controller drinks from; `undefined` with no controller. */
  motorVolts: number | undefined;
  /** Motors: the ends that it hangs between, by the controller's first two motor contacts. */
  motorEnds: readonly [string, string];
  /** What it turns on an outing, or at rest: part of its torque that goes with speed squared, or wheels. */
  loadOf: (kv: number, volts: number) => MotorLoad;
}

/** A load that its one known point fixes: amps at full throttle on a nominal pack. */
export interface PointLoad {
  /** Part of its torque that rises with the square of its speed, 0 to 1: all of it for a screw. */
  squarePart: number;
  /** By how much a screw sheds load as its hull gathers way, 0 to 1; 0 to take it with the hull under way. */
  slipShare: number;
}

/** A load at the motor's shaft by what moves the model: N·m, N·m·s², kg·m². */
export interface RoadLoad {
  constant: number;
  square: number;
  inertia: number;
}

export type MotorLoad = PointLoad | RoadLoad;

/** The elements of a part, or what its sheet lacks for them. */
export type PartElements = Element[] | { missing: string };
