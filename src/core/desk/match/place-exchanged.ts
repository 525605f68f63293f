import { misfits } from '../../reading/berths/fit';
import { Layout } from '../../reading/berths/layout';
import { placeParts } from '../../reading/berths/place-parts';
import type { Build } from '../../model/plan/build';
import type { Edit } from '../../model/plan/edits';
import { placeEdit } from '../../judgement/put-right/place-part';
import { BuildIndex } from '../../model/plan/build-index';

/**
 * Lays out parts that do not fit where others lay before them, and parts that came in where all others lie somewhere.
 * Nothing where the inside of the model is not told.
 */
export function placeExchanged(before: Build, after: Build): Edit[] {
  if (!after.inside) return [];
  const old = new Layout(new BuildIndex(before));
  const layout = new Layout(new BuildIndex(after));
  const partOf = (build: Build, id: string) => build.fittings.find((fitting) => fitting.id === id)?.part;
  // What lay without room before, and is the part that it was, is not for a choice of parts to move.
  const stood = [...misfits(old)].filter((id) => partOf(before, id) === partOf(after, id));
  const which = new Set([
    ...[...misfits(layout)].filter((id) => !stood.includes(id)),
    ...(old.loose.length === 0 ? layout.loose.map(({ fitting }) => fitting.id) : []),
  ]);
  if (which.size === 0) return [];
  return placeParts(after, which).placed.map(({ fitting, place }) => placeEdit(fitting, place));
}
