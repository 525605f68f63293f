import type { Obstacle } from '../../model/plan/model-inside';
import { beyond, boxFrom, overlap, type Box } from './box';
import { directionOf, roomBox } from './exits';
import type { Inside } from './inside';
import { halfBeam } from './inside-sizes';
import type { Clearance, Laid, Layout } from './layout';

/** Metres of skin of a hull. */
const skin = 0.003;

/** How far a part reaches out of its berth, through the skin or over the lid, in metres; 0 where it fits. */
export function reachesOut(inside: Inside, { box, berth }: Pick<Laid, 'box' | 'berth'>): number {
  const out = berth ? beyond(box, boxFrom(berth)) : nearestBerth(inside, box);
  return Math.max(out, box.z[1] - inside.lid, throughSkin(inside, box));
}

/** How far a part that lies in no berth is from the nearest. */
const nearestBerth = ({ berths }: Inside, box: Box): number =>
  Math.min(...berths.map((berth) => beyond(box, boxFrom(berth))), Infinity);

function throughSkin(inside: Inside, box: Box): number {
  // The berths of two hulls lie off the middle, and are as narrow as the hulls.
  if (inside.form === 'twin hull') return 0;
  const half = Math.min(halfBeam(inside, box.x[0]), halfBeam(inside, box.x[1])) - skin;
  const isNarrowing = half < inside.beam / 2 - skin;
  return isNarrowing ? Math.max(0, box.y[1] - half, -half - box.y[0]) : 0;
}

/** Obstacles that a part reaches into, and how far, in metres. */
export const blockedBy = (
  { obstacles }: Pick<Inside, 'obstacles'>,
  box: Box,
): { obstacle: Obstacle; metres: number }[] =>
  obstacles.flatMap((obstacle) => {
    const metres = overlap(box, boxFrom(obstacle));
    return metres > 0 ? [{ obstacle, metres }] : [];
  });

/** How much of the room that a part's plugs need on one side is missing, in metres, and what takes it. */
export function missingRoom(
  inside: Inside,
  laid: Laid,
  { side, metres }: Clearance,
  others: readonly Pick<Laid, 'box' | 'fitted'>[],
): { metres: number; by: string } | undefined {
  const room = roomBox(laid.box, side, laid.place.turn, metres);
  const { axis, sign } = directionOf(side, laid.place.turn);
  const face = laid.box[axis][sign > 0 ? 1 : 0];
  // Asked for every part at every place that is tried: it goes without lists.
  let gap = metres;
  let by: (() => string) | undefined;
  const consider = (box: Box, name: () => string) => {
    // What lies in the part itself is told as not fitting.
    const free = Math.max(0, sign > 0 ? box[axis][0] - face : face - box[axis][1]);
    if (free < gap) [gap, by] = [free, name];
  };
  for (const other of others)
    if (overlap(room, other.box) > 0) consider(other.box, () => `the ${other.fitted.fitting.name}`);
  for (const obstacle of inside.obstacles) {
    const box = boxFrom(obstacle);
    if (overlap(room, box) > 0) consider(box, () => `the ${obstacle.name}`);
  }
  const { berth } = laid;
  if (berth) {
    const walls = boxFrom(berth);
    const free = Math.max(0, sign > 0 ? walls[axis][1] - face : face - walls[axis][0]);
    if (free < gap) [gap, by] = [free, () => `the wall of the ${berth.name}`];
  }
  const missing = metres - gap;
  return by && missing > 1e-9 ? { metres: missing, by: by() } : undefined;
}

/** Parts that lie in each other, each pair once, with how far. */
export function overlaps<Each extends Pick<Laid, 'box'>>(
  laid: readonly Each[],
): { a: Each; b: Each; metres: number }[] {
  return laid.flatMap((a, n) =>
    laid.slice(n + 1).flatMap((b) => {
      const metres = overlap(a.box, b.box);
      return metres > 1e-6 ? [{ a, b, metres }] : [];
    }),
  );
}

/** What is no matter, in metres: more than a rule is read to. */
const trifle = 0.0006;

/** Ids of the parts that do not fit where they lie, or lie in each other. */
export function misfits({ inside, laid }: Pick<Layout, 'inside' | 'laid'>): ReadonlySet<string> {
  const out = inside
    ? laid.filter(
        (each) =>
          reachesOut(inside, each) > trifle ||
          blockedBy(inside, each.box).some(({ metres }) => metres > trifle),
      )
    : [];
  const inEachOther = overlaps(laid).filter(({ metres }) => metres > trifle);
  return new Set(
    [...out, ...inEachOther.flatMap(({ a, b }) => [a, b])].map(({ fitted }) => fitted.fitting.id),
  );
}
