import type { Placement } from '../../model/fitting/placement';
import type { Inside } from './inside';
import { toMillimetre } from './inside-sizes';
import type { Layout } from './layout';

/** A box from above, by its edges, in metres. */
export interface PlanEdges {
  x: readonly [number, number];
  y: readonly [number, number];
}

/** Which edges of a box are in the hand: all of them, or those that meet in a corner. */
export interface Grip {
  x: readonly [boolean, boolean];
  y: readonly [boolean, boolean];
}

/** Lines that an edge may come to lie on, in metres. */
export interface Marks {
  x: readonly number[];
  y: readonly number[];
}

export const wholeBox: Grip = { x: [true, true], y: [true, true] };

/** Smallest side of a room, in metres. */
const leastSide = 0.005;

/** How far some edges have to move so that the one nearest to a mark meets it, in metres; 0 where none is within reach. */
function shiftTo(edges: readonly number[], marks: readonly number[], within: number): number {
  let best = 0;
  let nearest = within;
  for (const edge of edges)
    for (const mark of marks) {
      const gap = Math.abs(mark - edge);
      if (gap < nearest) [nearest, best] = [gap, mark - edge];
    }
  return best;
}

/** Walls of rooms, sides of what is built in and of parts, and the middle line. @param except what is moved itself */
export function planMarks(
  { inside, laid }: Pick<Layout, 'inside' | 'laid'>,
  except: string | undefined,
): Marks {
  const boxes = [...(inside?.berths ?? []), ...(inside?.obstacles ?? [])].filter(({ id }) => id !== except);
  const parts = laid.filter(({ fitted }) => fitted.fitting.id !== except);
  return {
    x: [...boxes.flatMap(({ x, long }) => [x, x + long]), ...parts.flatMap(({ box }) => [...box.x])],
    y: [0, ...boxes.flatMap(({ y, wide }) => [y, y + wide]), ...parts.flatMap(({ box }) => [...box.y])],
  };
}

/**
 * A box after the edges in the hand were dragged, to the millimetre, and onto a mark that lies within reach. Dragged
 * over to the other side, it turns over.
 * @param by metres that the hand has moved
 * @param within metres within which an edge is drawn to a mark
 */
export function draggedEdges(
  edges: PlanEdges,
  grip: Grip,
  by: { x: number; y: number },
  { marks, within }: { marks: Marks; within: number },
): PlanEdges {
  const along = (axis: 'x' | 'y'): [number, number] => {
    const raw = edges[axis].map((edge, n) => (grip[axis][n] ? edge + by[axis] : edge));
    const shift = shiftTo(
      raw.filter((_, n) => grip[axis][n]),
      marks[axis],
      within,
    );
    const [low, high] = raw
      .map((edge, n) => toMillimetre(grip[axis][n] ? edge + shift : edge))
      .sort((a, b) => a - b);
    return [low!, Math.max(high!, toMillimetre(low! + leastSide))];
  };
  return { x: along('x'), y: along('y') };
}

/** A place that a part is dragged to, onto a wall, the side of a neighbour or the middle line that lies within reach. */
export function snappedPlace(layout: Layout, fitting: string, place: Placement, within: number): Placement {
  const laid = layout.laidAt(fitting);
  if (!laid) return place;
  const marks = planMarks(layout, fitting);
  const moved = { x: place.x - laid.place.x, y: place.y - laid.place.y };
  const at = (axis: 'x' | 'y') => laid.box[axis].map((edge) => edge + moved[axis]);
  // A part stands in the middle by its own middle.
  const toMiddle = Math.abs(place.y) < within / 2 ? -place.y : undefined;
  return {
    ...place,
    x: toMillimetre(place.x + shiftTo(at('x'), marks.x, within)),
    y: toMillimetre(place.y + (toMiddle ?? shiftTo(at('y'), marks.y, within))),
  };
}

/** A room or what is built in, from above. */
export const edgesOf = ({
  x,
  y,
  long,
  wide,
}: Inside['berths'][number] | Inside['obstacles'][number]): PlanEdges => ({
  x: [x, toMillimetre(x + long)],
  y: [y, toMillimetre(y + wide)],
});
