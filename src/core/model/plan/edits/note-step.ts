import { defineEdit } from './edit';
import type { StepNote } from '../records';

/** Keeps a note or a photograph beside a step. */
export interface NoteStep {
  type: 'noteStep';
  note: StepNote;
}

export const noteStep = defineEdit<NoteStep>({
  apply: (build, { note }) => {
    const others = (build.stepNotes ?? []).filter(({ step }) => step !== note.step);
    build.stepNotes = note.text === '' && note.photo === undefined ? others : [...others, note];
  },
  words: () => 'Note beside a step',
});
