import { canonicalText } from '../../base/canonical';
import type { Linkage } from '../../model/fitting/linkage';

/** Usual linkages, to begin with; every size is to be measured. */
export const linkagePresets: { id: string; name: string; linkage: Linkage }[] = [
  preset('rudder', 'Rudder', 0.012, 0.015, 0.15, 0, 35),
  preset('steering', 'Wheels, by a drag link', 0.014, 0.02, 0.06, 0.004, 30),
  preset('shift', 'Gear shift or lock', 0.01, 0.012, 0.05, 0, 15),
  preset('bell', 'Bell crank', 0.012, 0.012, 0.08, 0.01, 40),
  preset('throttle', 'Throttle and brake', 0.012, 0.01, 0.07, 0, 30),
];

/** Whether a linkage still has the sizes that it began with, and nobody has measured it. */
export const isPreset = (linkage: Linkage): boolean =>
  linkagePresets.some((each) => canonicalText(each.linkage) === canonicalText(linkage));

function preset(
  id: string,
  name: string,
  hornRadius: number,
  armRadius: number,
  along: number,
  across: number,
  stopDegrees: number,
) {
  return {
    id,
    name,
    linkage: { hornRadius, armRadius, along, across, hornDegrees: 90, armDegrees: 90, stopDegrees },
  };
}
