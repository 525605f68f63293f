import { bodies } from '../../model/kinds/bodies';
import type { PartKind } from '../../model/kinds/part-spec';
import type { Spot } from '../../model/fitting/spot';
import { middleOf, type Box } from './box';
import type { Inside } from './inside';

/** Metres at the end of a 2.4 GHz antenna that receive, and have to be straight: a quarter of its wave. */
const straightEnd = 0.031;
/** Metres that it should keep from what carries power, and from metal. */
export const clearOfPower = 0.05;
/** How far from its receiver the tip of an antenna usually reaches, in metres: rule of thumb. */
export const antennaReach = 0.2;

/** The end of a receiver's antenna: at the mast, or straight up from the receiver, out through the lid where it is long enough. */
export function antennaEnd({ mast, lid }: Pick<Inside, 'mast' | 'lid'>, box: Box): { tip: Spot; root: Spot } {
  const { x, y } = middleOf(box);
  const top = Math.min(lid + straightEnd, box.z[1] + antennaReach);
  const tip = mast ?? { x, y, z: Math.max(top, box.z[1] + straightEnd) };
  return { tip, root: { ...tip, z: tip.z - straightEnd } };
}

/** Metres between the end of an antenna and a box. */
export const antennaToBox = ({ tip, root }: { tip: Spot; root: Spot }, box: Box): number =>
  Math.hypot(
    Math.max(0, box.x[0] - tip.x, tip.x - box.x[1]),
    Math.max(0, box.y[0] - tip.y, tip.y - box.y[1]),
    Math.max(0, box.z[0] - tip.z, root.z - box.z[1]),
  );

/** Metres between the end of an antenna and a lead along some spots, to a few millimetres. */
export function antennaToWay(end: { tip: Spot; root: Spot }, spots: readonly Spot[]): number {
  const middle = { ...end.tip, z: (end.tip.z + end.root.z) / 2 };
  let least = Infinity;
  for (let n = 1; n < spots.length; n += 1) {
    const [a, b] = [spots[n - 1]!, spots[n]!];
    const run = { x: b.x - a.x, y: b.y - a.y, z: b.z - a.z };
    const squared = run.x ** 2 + run.y ** 2 + run.z ** 2;
    const along =
      squared === 0
        ? 0
        : ((middle.x - a.x) * run.x + (middle.y - a.y) * run.y + (middle.z - a.z) * run.z) / squared;
    const share = Math.min(Math.max(along, 0), 1);
    const spot = { x: a.x + share * run.x, y: a.y + share * run.y, z: a.z + share * run.z };
    least = Math.min(
      least,
      antennaToBox(end, { x: [spot.x, spot.x], y: [spot.y, spot.y], z: [spot.z, spot.z] }),
    );
  }
  return least;
}

/** Kinds of part that an antenna should stay clear of. */
export const shadesAntenna = (kind: PartKind): boolean => bodies[kind].shadesAntenna === true;

/** How many metres the tip lies beyond what an antenna reaches from its receiver; below nought where it reaches. */
export function antennaLacks(inside: Pick<Inside, 'mast' | 'lid'>, box: Box): number {
  const { tip } = antennaEnd(inside, box);
  const { x, y } = middleOf(box);
  return Math.hypot(tip.x - x, tip.y - y, Math.max(0, tip.z - box.z[1])) - antennaReach;
}
