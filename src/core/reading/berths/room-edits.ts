import type { Berth, ModelInside } from '../../model/plan/model-inside';
import type { Inside } from './inside';
import { toMillimetre } from './inside-sizes';
import type { PlanEdges } from './snap';

/** The inside with its rooms and the holes between them told together, so that neither leads to what is not there. */
export const withRooms = (
  { told, berths, passages }: Pick<Inside, 'told' | 'berths' | 'passages'>,
  change: Partial<ModelInside>,
): ModelInside => ({ ...told, berths: [...berths], passages: [...passages], ...change });

/** An id that nothing of a kind has yet: `berth-2`. */
export function freshRoomId(taken: readonly { id: string }[], word: string): string {
  let n = 1;
  while (taken.some(({ id }) => id === `${word}-${n}`)) n += 1;
  return `${word}-${n}`;
}

const sidesOf = ({ x, y }: PlanEdges) => ({
  x: x[0],
  y: y[0],
  long: toMillimetre(x[1] - x[0]),
  wide: toMillimetre(y[1] - y[0]),
});

/** The inside with one more room, a shelf half-way up to the lid, where it was drawn or in the middle of the model. */
export function withShelf(inside: Inside, drawn?: PlanEdges): ModelInside {
  const { berths, length, lid } = inside;
  const edges: PlanEdges = drawn ?? { x: [length * 0.4, length * 0.4 + 0.08], y: [-0.03, 0.03] };
  const added: Berth = {
    id: freshRoomId(berths, 'berth'),
    name: `shelf ${berths.length + 1}`,
    ...sidesOf(edges),
    z: toMillimetre(lid * 0.5),
    high: 0.04,
    isAired: true,
    isReached: true,
  };
  return withRooms(inside, { berths: [...berths, added] });
}

/** The inside with a room, or something built in, drawn elsewhere from above; heights stay. */
export function withMovedRoom(inside: Inside, id: string, edges: PlanEdges): ModelInside {
  const moved = <T extends { id: string }>(each: T): T =>
    each.id === id ? { ...each, ...sidesOf(edges) } : each;
  return inside.berths.some((berth) => berth.id === id)
    ? withRooms(inside, { berths: inside.berths.map(moved) })
    : withRooms(inside, { obstacles: inside.obstacles.map(moved) });
}
