import type { Linkage } from '../../model/fitting/linkage';
import { linkageAt, type LinkagePoint } from './four-bar';
import { radiansPerDegree } from '../../base/quantity/angle';

/** A travel is looked at degree by degree. */
const step = radiansPerDegree;

/** Farthest that a horn is looked at, in radians; servos turn no more. */
const mostHorn = (100 * Math.PI) / 180;
const precision = (0.005 * Math.PI) / 180;
/** Sine of an angle at which rod and horn, or rod and arm, count as in line: 10°. */
const inLine = 0.17;

/** How far a linkage goes to one side. */
export interface LinkageEnd {
  /** Turn of the horn at which the arm meets its stop, in radians; nothing where it never does. */
  stop: number | undefined;
  /** The first turn of the horn at which rod and horn, or rod and arm, come into line or the rod does not reach. */
  toggle: { horn: number; of: 'horn' | 'arm' } | undefined;
}

/** How far the horn must turn, one way and the other, and what comes in between. */
export const linkageEnds = (linkage: Linkage): { low: LinkageEnd; high: LinkageEnd } => ({
  low: endOf(linkage, -1),
  high: endOf(linkage, 1),
});

function endOf(linkage: Linkage, way: 1 | -1): LinkageEnd {
  const limit = (linkage.stopDegrees * Math.PI) / 180;
  const isPast = (point: LinkagePoint | undefined) => point !== undefined && Math.abs(point.arm) >= limit;
  let before = 0;
  let last = linkageAt(linkage, 0);
  for (let horn = step; horn <= mostHorn; horn += step) {
    const point = linkageAt(linkage, way * horn);
    if (isPast(point))
      return {
        stop: way * bisected(before, horn, (h) => isPast(linkageAt(linkage, way * h))),
        toggle: undefined,
      };
    if (!point || point.hornSine < inLine || point.armSine < inLine) {
      const near = point ?? last;
      const isHorn = near !== undefined && near.hornSine < near.armSine;
      return { stop: undefined, toggle: { horn: way * horn, of: isHorn ? 'horn' : 'arm' } };
    }
    [before, last] = [horn, point];
  }
  return { stop: undefined, toggle: undefined };
}

/** Where something begins to hold between a place where it does not and one where it does. */
function bisected(from: number, to: number, holds: (at: number) => boolean): number {
  let [low, high] = [from, to];
  while (high - low > precision) {
    const middle = (low + high) / 2;
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** Share of the pulse's way at which the stop is to be met: something is left for trim. */
const aimed = 0.92;

/**
 * The radius of the horn's hole, in metres, with which the stop is met at 92 % of the way that a servo turns at full
 * pulse; `undefined` where no hole does it. Found by halving: the farther out, the sooner the stop is met.
 * @param fullHorn radians that the horn turns at full pulse
 */
export function bestHornRadius(linkage: Linkage, fullHorn: number): number | undefined {
  const turn = (hornRadius: number): number => {
    const { low, high } = linkageEnds({ ...linkage, hornRadius });
    const far = [low, high].map(({ stop }) => (stop === undefined ? Infinity : Math.abs(stop)));
    return Math.max(...far);
  };
  let [near, out] = [0.002, Math.min(linkage.armRadius * 3, 0.06)];
  if (!(turn(out) <= aimed * fullHorn)) return undefined;
  for (let n = 0; n < 30; n += 1) {
    const middle = (near + out) / 2;
    if (turn(middle) <= aimed * fullHorn) out = middle;
    else near = middle;
  }
  return out;
}
