import type { Build } from '../../model/plan/build';
import type { StepNote } from '../../model/plan/records';
import type { Difference } from './differences';

/** Under which a person keeps a note on a part or a plug as it was found. @param id of a fitting or a lead */
export const foundNoteId = (id: string): string => `found:${id}`.slice(0, 200);

/** What was noted and photographed of all that a piece of the work is about, before it was pulled. */
export function foundNotes(build: Pick<Build, 'stepNotes'>, { id, touches }: Difference): StepNote[] {
  const about = new Set([id.slice(id.indexOf(':') + 1), ...touches].map(foundNoteId));
  return (build.stepNotes ?? []).filter(({ step }) => about.has(step));
}
