import { radiansPerDegree } from '../../base/quantity/angle';
import type { Spot } from '../../model/fitting/spot';
import type { InsideSizes } from './inside-sizes';

/** How a model stands on its wheels or tracks. */
export interface OnWheels {
  /** Shares of the weight: on the front axle, and on the port side. */
  front: number;
  port: number;
  /** Degrees of side slope at which it falls over. */
  tip: number;
  /** Where the axles are along the model, in metres. */
  axles: readonly [rear: number, front: number];
}

/** Shares of the weight on the front axle, and on one side, between which a model handles well: rules of thumb. */
export const frontShares: Readonly<Record<InsideSizes['form'], readonly [least: number, most: number]>> = {
  'open hull': [0, 1],
  'planing hull': [0, 1],
  'twin hull': [0, 1],
  'yacht hull': [0, 1],
  'wheeled yacht': [0.1, 0.5],
  'car chassis': [0.38, 0.6],
  'ladder frame': [0.38, 0.66],
  'tracked tub': [0.35, 0.65],
};
export const mostSideShare = 0.55;
/** Degrees of side slope that a model should stand: rule of thumb. */
export const leastTip = 30;

/**
 * Loads on axles and sides by moments about them; tip angle atan((½·track − |y_G|)/h) with h of the centre of mass over
 * the ground. A yacht on three wheels has one wheel before: it tips over the line from that to a rear one.
 */
export function onWheels({ form, length, wheelbase, track, clearance }: InsideSizes, at: Spot): OnWheels {
  const [rear, front] = [(length - wheelbase) / 2, (length + wheelbase) / 2];
  const share = (at.x - rear) / wheelbase;
  const height = at.z + clearance;
  const half = form === 'wheeled yacht' ? (track / 2) * Math.min(Math.max(1 - share, 0), 1) : track / 2;
  return {
    front: share,
    port: 0.5 + at.y / track,
    tip: Math.atan((half - Math.abs(at.y)) / height) / radiansPerDegree,
    axles: [rear, front],
  };
}
