import { produce, type Draft } from 'immer';
import type { Build } from '../build';
import { dropWhere } from '../edit-aftermath';
import type { EditKind, EditSpeech } from './edit';
import { accept } from './accept';
import { addFitting } from './add-fitting';
import { addFunction } from './add-function';
import { addLead } from './add-lead';
import { changeSheet } from './change-sheet';
import { dropEntry } from './drop-entry';
import { dropOuting } from './drop-outing';
import { forgetMeasured } from './forget-measured';
import { keepEntry } from './keep-entry';
import { keepOuting } from './keep-outing';
import { measure } from './measure';
import { moveLeadEnd } from './move-lead-end';
import { noteStep } from './note-step';
import { removeFitting } from './remove-fitting';
import { removeFunction } from './remove-function';
import { removeLead } from './remove-lead';
import { rename } from './rename';
import { setBrief } from './set-brief';
import { setChannel } from './set-channel';
import { setColours } from './set-colours';
import { setConductors } from './set-conductors';
import { setFitting } from './set-fitting';
import { setFunction } from './set-function';
import { setGauge } from './set-gauge';
import { setInside } from './set-inside';
import { setLength } from './set-length';
import { setPictureOrder } from './set-picture-order';
import { setPolicies } from './set-policies';
import { setProtocol } from './set-protocol';
import { setRegulatorVolts } from './set-regulator-volts';
import { setThreaded } from './set-threaded';
import { swapPart } from './swap-part';
import { tick } from './tick';
import { untick } from './untick';
import { withdrawAcceptance } from './withdraw-acceptance';

/** Every kind of edit. */
const kinds = {
  accept,
  addFitting,
  addFunction,
  addLead,
  changeSheet,
  dropEntry,
  dropOuting,
  forgetMeasured,
  keepEntry,
  keepOuting,
  measure,
  moveLeadEnd,
  noteStep,
  removeFitting,
  removeFunction,
  removeLead,
  rename,
  setBrief,
  setChannel,
  setColours,
  setConductors,
  setFitting,
  setFunction,
  setGauge,
  setInside,
  setLength,
  setPictureOrder,
  setPolicies,
  setProtocol,
  setRegulatorVolts,
  setThreaded,
  swapPart,
  tick,
  untick,
  withdrawAcceptance,
};

type EditOf<Kind> = Kind extends EditKind<infer E> ? E : never;

/** One pure change to a build, as data: it can be previewed, listed, applied and undone. */
export type Edit = EditOf<(typeof kinds)[keyof typeof kinds]>;

/** The entry of each edit is the one of its own type. */
const byType: { readonly [Type in Edit['type']]: EditKind<Extract<Edit, { type: Type }>> } = kinds;

const kindOf = (edit: Edit): EditKind<Edit> => byType[edit.type] as EditKind<Edit>;

/**
 * The build after some edits; the one passed in is left as it was.
 * @throws if an edit names a fitting, lead or function that the build lacks: a bug in whoever made it
 */
export function applyEdits(build: Build, edits: readonly Edit[]): Build {
  return produce(build, (draft) => {
    for (const edit of edits) kindOf(edit).apply(draft, edit);
    dropUnusedParts(draft);
  });
}

/** One line that says what an edit changes. */
export const editWords = (edit: Edit, say: EditSpeech): string => kindOf(edit).words(edit, say);

function dropUnusedParts(build: Draft<Build>): void {
  const used = new Set(build.fittings.map((fitting) => fitting.part));
  dropWhere(build.parts, (part) => !used.has(part.id));
}
