import { bestPlaceFor } from '../../reading/berths/place-parts';
import type { Reading } from '../../reading/build-reading/reading';
import type { Patch } from '../../model/plan/patch';
import type { Placement } from '../../model/fitting/placement';

/** The edit that lays a part somewhere. */
export const placeEdit = (fitting: string, place: Placement) =>
  ({ type: 'setFitting', fitting, change: { place } }) as const;

/** A part where it fits best with the others where they are. */
export function offerPlace({ survey, index }: Reading, fittingId: string): Patch[] {
  if (!index.has(fittingId)) return [];
  const { fitting } = index.get(fittingId);
  const best = bestPlaceFor(survey.layout, fittingId);
  if (!best) return [];
  return [
    {
      id: `place:${fittingId}`,
      label: `Move the ${fitting.name}${moveWords(fitting.place, best)}`,
      edits: [placeEdit(fittingId, best)],
    },
  ];
}

/** A part where it is, with something about how it lies changed. */
export function offerChange(
  { index }: Reading,
  fittingId: string,
  change: Partial<Placement>,
  id: string,
  label: string,
): Patch[] {
  const { place } = index.get(fittingId).fitting;
  return place
    ? [{ id: `${id}:${fittingId}`, label, edits: [placeEdit(fittingId, { ...place, ...change })] }]
    : [];
}

/** How a part moves, along the axis that it moves most: ` 60 mm aft`. */
export function moveWords(from: Placement | undefined, to: Placement): string {
  if (!from) return ' to its place';
  const [x, y, z] = [to.x - from.x, to.y - from.y, to.z - from.z].map((metres) => Math.round(metres * 1000));
  const most = Math.max(Math.abs(x!), Math.abs(y!), Math.abs(z!));
  if (most === 0) return ' round';
  if (Math.abs(x!) === most) return ` ${most} mm ${x! > 0 ? 'forward' : 'aft'}`;
  if (Math.abs(y!) === most) return ` ${most} mm to ${y! > 0 ? 'port' : 'starboard'}`;
  return ` ${most} mm ${z! > 0 ? 'up' : 'down'}`;
}
