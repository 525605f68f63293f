import type { TrackPoints } from '../../physics/network/track';
import type { PackState } from '../packs/pack-state';

/** What a servo does while an operating point is taken. */
type ServoStill = 'resting' | 'moving' | 'stalled';

/** How a build is looked at: the state of its packs, and what each part is told. */
export interface Conditions {
  /** Charge of every pack, 0 to 1, or one of the states that limits are looked at. */
  charge: number | PackState;
  /** What cold and age multiply the packs' ohms by. */
  coldFactor: number;
  /** Operating points: whether regulators give what is asked, however much. */
  isUnlimited?: boolean;
  /** Operating points: what each servo does, by fitting. */
  servo?: (fittingId: string) => ServoStill;
  /** Whether what is usual for a part stands in where its sheet is silent: outings, which tell it as an estimate. */
  presumes?: boolean;
  /** The model stands on its stand: wheels and screws turn free in the air. */
  isOnStand?: boolean;
  /** How hard it is to roll, or the water to pass, against the usual; 1 where not said. */
  effort?: number;
  /** Outings: slope of the ground over time, in radians. */
  slopes?: TrackPoints;
  /** Outings: apparent wind over time, in m/s. */
  winds?: TrackPoints;
  /** Outings: how far what moves the model is jammed over time, 0 to 1. */
  jams?: TrackPoints;
  /** Throttle of each controller, −1 to 1, as one value or over time. */
  duty: (controllerId: string) => number | TrackPoints;
  /** Angle asked of each servo over time, in radians; operating points have none. */
  command?: (servoId: string) => TrackPoints;
  /** Load on a servo's shaft at sixty degrees in N·m, where it is known what it moves. */
  servoTorque?: (servoId: string) => number | undefined;
  /** The same as a share of its stall torque, where it is not. */
  servoLoad?: (servoId: string) => number;
  /** How far on a lamp, a pump or a horn is, 0 to 1, as one value or over time. */
  on: (fittingId: string) => number | TrackPoints;
}
