import { insideOf } from '../berths/inside';
import { isHull } from '../berths/inside-sizes';
import type { Reading } from '../build-reading/reading';
import { radiansPerDegree } from '../../base/quantity/angle';
import type { Fitted } from '../../model/kinds/fitted';
import { linkageAt } from './four-bar';
import type { LinkageReading } from './linkage-reading';

/** Where a model on wheels goes at full lock: degrees, metres. */
export interface Turning {
  /** Of the wheels on the inside and on the outside of the turn. */
  inner: number;
  outer: number;
  /** Diameter of the circle that the outer front wheel runs on. */
  circle: number;
}

/**
 * The turn of a model whose front wheels are turned so that all wheels roll about one point (Ackermann): with the mean
 * angle δ, R = wheelbase/tan δ at the rear axle, inner atan(wheelbase/(R − ½·track)), outer atan(wheelbase/(R + ½·track)).
 * @param radians mean angle of the wheels @param wheelbase and @param track in metres
 * @returns `undefined` where the point would lie under the model
 */
export function turnAt(radians: number, wheelbase: number, track: number): Turning | undefined {
  const radius = wheelbase / Math.tan(radians);
  if (!(radius > track / 2) || !Number.isFinite(radius)) return undefined;
  return {
    inner: Math.atan(wheelbase / (radius - track / 2)) / radiansPerDegree,
    outer: Math.atan(wheelbase / (radius + track / 2)) / radiansPerDegree,
    circle: 2 * Math.hypot(radius + track / 2, wheelbase),
  };
}

export interface Locks {
  /** At the end of short pulses, and of long ones. */
  low: Turning | undefined;
  high: Turning | undefined;
  /** Whether wheelbase and track were measured. */
  isMeasured: boolean;
}

/** Full lock both ways of a model that a servo steers by its front wheels; `undefined` where it does not. */
export function locksOf(
  { build }: Pick<Reading, 'build'>,
  servo: Fitted<'servo'>,
  reading: LinkageReading,
): Locks | undefined {
  const inside = insideOf(build);
  const steers = build.functions.some(
    ({ role, devices }) => role === 'steer' && devices.includes(servo.fitting.id),
  );
  if (!inside || !steers || isHull(inside.form) || inside.form === 'tracked tub') return undefined;
  const { linkage, low, high } = reading;
  const at = (setHorn: number) => {
    const arm = linkageAt(linkage, setHorn)?.arm;
    const most = linkage.stopDegrees * radiansPerDegree;
    return arm === undefined
      ? undefined
      : turnAt(Math.min(Math.abs(arm), most), inside.wheelbase, inside.track);
  };
  return {
    low: at(low.setHorn),
    high: at(high.setHorn),
    isMeasured: inside.told.wheelbase !== undefined && inside.told.track !== undefined,
  };
}
