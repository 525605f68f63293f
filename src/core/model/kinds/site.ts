import type { Element } from '../../physics/network/devices';
import type { PartKind } from './part-spec';
import type { Fitted } from './fitted';
import type { ScrewValues } from '../../physics/network/devices/screw';
import type { WheelsValues } from '../../physics/network/devices/wheels';
import type { TrackPoints } from '../../physics/network/track';
import type { Conditions } from './conditions';
import type { Estimates } from './estimates';

/** What a motor gives its load where its sheet took its amps: N·m and rad/s. */
export interface WorkingPoint {
  torque: number;
  speed: number;
}

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
  /** What it turns on an outing, or at rest, by its speed per volt and the point that its sheet was taken at. */
  loadOf: (kv: number, point: WorkingPoint) => MotorLoad;
}

/** A load that its one known point fixes: amps at full throttle at the volts of its sheet. */
export interface PointLoad {
  /** Part of its torque that rises with the square of its speed, 0 to 1: all of it for a screw. */
  squarePart: number;
}

/** What moves the model, and what of it turns with the motor, kg·m² at its shaft. */
interface MovingLoad {
  wheels?: WheelsValues;
  screw?: ScrewValues;
  /** How far it is jammed over time, 0 to 1. */
  jams?: TrackPoints;
  inertia: number;
}

export type MotorLoad = PointLoad | MovingLoad;

/** The elements of a part, or what its sheet lacks for them. */
export type PartElements = Element[] | { missing: string };
