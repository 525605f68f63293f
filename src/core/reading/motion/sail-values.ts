import { airDensity } from '../../base/quantity/constants';
import type { TrackPoints } from '../../physics/network/track';
import type { Build } from '../../model/plan/build';
import type { Estimates } from '../../model/kinds/estimates';
import { waterlineOf } from './hull-values';
import { isAfloat } from './vehicle-values';

/** Share of the wind's pressure on its sails that drives a yacht ahead on a reach: rule of thumb. */
const drivingShare = 0.4;
/** Sail against the square of the waterline, and square metres of one on wheels: usual. */
const usualShare = 0.6;
const usualOnWheels = 0.5;

/** Sails in square metres: the Brief's, or usual for the waterline, or for a yacht on wheels. */
export const sailAreaOf = (build: Build, estimates: Estimates): number =>
  build.brief.sailArea ??
  estimates.take('model.sailArea', 'area of the sails', undefined, {
    ...(isAfloat(build)
      ? { value: usualShare * waterlineOf(build, estimates) ** 2, least: 0.7, most: 1.4 }
      : { value: usualOnWheels, least: 0.5, most: 2 }),
    note: `usual ${isAfloat(build) ? 'for its waterline' : 'on wheels'}, rule of thumb; the Brief takes yours`,
  });

/** Newtons that the sails drive a yacht on with: ½·ρ·A·v²·0.4. @param winds apparent, m/s over time */
export function sailForce(build: Build, winds: TrackPoints, estimates: Estimates): TrackPoints {
  const area = sailAreaOf(build, estimates);
  return winds.map(([at, wind]) => [at, 0.5 * airDensity * area * wind ** 2 * drivingShare] as const);
}
