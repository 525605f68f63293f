import { sidesAs } from '../../../reading/berths/box';
import { sizeOfPart, type PartSize } from '../../../model/kinds/part-size';
import type { Reading } from '../../../reading/build-reading/reading';
import type { Berth } from '../../../model/plan/model-inside';
import { poses } from '../../../model/fitting/placement';
import type { Role, Screen } from '../role';
import { alone } from './pairs';

/** Half a millimetre more goes in. */
const trifle = 0.0005;

/** Rooms of the model, once they are told: each part by its sheet's sizes, on whichever side it lies. */
export function roomScreens({ survey }: Reading, roles: readonly Role[]): Screen[] {
  const { layout } = survey;
  const { inside } = layout;
  if (!inside) return [];
  return roles.flatMap((role, n) => {
    if (!role.isOpen) return [];
    const lies = role.fittings.flatMap((id) => layout.laidAt(id)?.berth ?? []);
    // What lies somewhere stays in its room; anything else may go into any.
    const rooms = lies.length > 0 ? lies : inside.berths;
    return [
      alone({ id: `room:${n}`, words: `room for the ${role.name}`, isMargin: false }, n, ({ part }) => {
        const size = sizeOfPart(part);
        // What its sheet does not say rules nothing out.
        if (size.provenance === 'estimated') return undefined;
        return rooms.some((room) => goesInto(size, room, inside.lid)) ? 1 : -1;
      }),
    ];
  });
}

/** Whether a part goes into a room by itself, flat, on its side or on end, along or across, and under the lid. */
const goesInto = (size: PartSize, room: Berth, lid: number): boolean =>
  poses.some((pose) =>
    ([0, 90] as const).some((turn) => {
      const [long, wide, high] = sidesAs(size, { turn, pose });
      return (
        long <= room.long + trifle &&
        wide <= room.wide + trifle &&
        high <= Math.min(room.high, lid - room.z) + trifle
      );
    }),
  );
