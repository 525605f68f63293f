import { placeParts } from '../core/reading/berths/place-parts';
import { usualForm } from '../core/reading/berths/inside-sizes';
import type { Build } from '../core/model/plan/build';
import { applyEdits } from '../core/model/plan/edits';
import { writeBuildFile } from '../core/model/file/write-file';
import { placeEdit } from '../core/judgement/put-right/place-part';
import type { CommandOutput } from './check-command';

/**
 * The build with a place for every part, as a file; a model of which nobody told the inside gets a usual one of its
 * kind. Exit code 1 where there is no room for a part.
 */
export function placeCommand(build: Build): CommandOutput {
  const within = build.inside
    ? build
    : applyEdits(build, [{ type: 'setInside', inside: { form: usualForm(build) } }]);
  const { placed, conflicts } = placeParts(within, new Set(within.fittings.map(({ id }) => id)));
  const after = applyEdits(
    within,
    placed.map(({ fitting, place }) => placeEdit(fitting, place)),
  );
  return { text: writeBuildFile(after), exitCode: conflicts.length > 0 ? 1 : 0 };
}
