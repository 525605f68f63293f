import { misfits } from '../../reading/berths/fit';
import { Layout } from '../../reading/berths/layout';
import { bestPlaceFor } from '../../reading/berths/place-parts';
import type { Reading } from '../../reading/build-reading/reading';
import { applyEdits, type Edit } from '../../model/plan/edits';
import type { Patch } from '../../model/plan/patch';
import { BuildIndex } from '../../model/plan/build-index';
import { placeEdit } from './place-part';

/**
 * A put-right that also lays out what it brings in, where all that is there lies somewhere and there is room for it: a
 * model that was laid out stays so.
 */
export function withPlaces({ build, survey }: Pick<Reading, 'build' | 'survey'>, patch: Patch): Patch {
  const { inside, loose } = survey.layout;
  const added = patch.edits.flatMap((edit) => (edit.type === 'addFitting' ? [edit.fitting.id] : []));
  if (!inside || loose.length > 0 || added.length === 0) return patch;
  const edits: Edit[] = [];
  let after = applyEdits(build, patch.edits);
  for (const id of added) {
    const layout = new Layout(new BuildIndex(after));
    if (!layout.loose.some(({ fitting }) => fitting.id === id)) continue;
    const place = bestPlaceFor(layout, id);
    const placed = place && applyEdits(after, [placeEdit(id, place)]);
    // Where there is no room for it, it lies nowhere yet, and is asked for.
    if (!placed || misfits(new Layout(new BuildIndex(placed))).has(id)) continue;
    edits.push(placeEdit(id, place));
    after = placed;
  }
  return edits.length === 0 ? patch : { ...patch, edits: [...patch.edits, ...edits] };
}
