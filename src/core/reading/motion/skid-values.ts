import type { SkidSteering } from '../../physics/network/devices/vehicle';
import type { Build } from '../../model/plan/build';
import type { Estimates } from '../../model/kinds/estimates';
import { gripOf } from './vehicle-values';

/** Length of track on the ground over the distance of the tracks, where it is not known: rule of thumb. */
const usualLengthOverGauge = 1.7;

/** Distance of the tracks against their sprocket, where neither is known: rule of thumb. */
const gaugePerSprocket = 4;

/** Distance of the tracks in metres: the Brief's, or usual for what else is known. */
export const gaugeOf = ({ brief }: Build, sprocket: number): number =>
  brief.gauge ??
  (brief.trackLength ?? usualLengthOverGauge * gaugePerSprocket * sprocket) / usualLengthOverGauge;

/** Length of a track on the ground in metres: the Brief's, or usual for the distance of the tracks. */
export const trackLengthOf = (build: Build, sprocket: number): number =>
  build.brief.trackLength ?? usualLengthOverGauge * gaugeOf(build, sprocket);

/** How a model turns by its tracks, where it has one on each side with a motor of its own. */
export function skidSteering(build: Build, estimates: Estimates): SkidSteering {
  const { trackLength, gauge } = build.brief;
  return {
    mu: gripOf(build),
    lengthOverGauge: estimates.take(
      'model.lengthOverGauge',
      'length of track on the ground over the distance of the tracks',
      trackLength !== undefined && gauge !== undefined
        ? { value: trackLength / gauge, provenance: 'stated' }
        : undefined,
      {
        value: usualLengthOverGauge,
        least: 0.7,
        most: 1.3,
        note: 'usual for its kind, rule of thumb; the Brief takes both',
      },
    ),
  };
}
