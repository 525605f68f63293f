import { temporal } from 'zundo';
import { create, useStore } from 'zustand';
import type { Build } from '../../core/model/plan/build';
import { applyEdits, type Edit } from '../../core/model/plan/edits';
import { changeBuild } from '../../core/model/file/change-build';
import { problemText } from '../../core/base/validation/problem';
import { refuse } from './refusal-store';

interface BuildState {
  /** Key of the stored record; empty until a build is open. */
  recordKey: string;
  build: Build | undefined;
  /** What the last change was, for the undo button. */
  lastAction: string;
  /**
   * Makes a change, where the build can be kept after it; what cannot be read back is refused, and told.
   * @returns whether it was taken
   */
  apply: (action: string, edits: readonly Edit[]) => boolean;
}

/** The one place that holds the open build. Every change is a list of edits, and can be undone. */
export const useBuildStore = create<BuildState>()(
  temporal(
    (set, get) => ({
      recordKey: '',
      build: undefined,
      lastAction: '',
      apply: (action, edits) => {
        const { build } = get();
        if (!build) return false;
        const changed = changeBuild(build, edits);
        if (!changed.ok) {
          refuse(`Not done: ${action}`, problemText(changed.problem));
          return false;
        }
        if (changed.value === build) return true;
        // What was done at the bench stays done, whatever is undone on paper: a tick is taken back by hand.
        if (edits.every(isOfBench)) replaceInStore(changed.value, (past) => applyEdits(past, edits));
        else set({ build: changed.value, lastAction: action });
        return true;
      },
    }),
    {
      partialize: ({ build, lastAction }) => ({ build, lastAction }),
      equality: (past, now) => past.build === now.build,
      limit: 200,
    },
  ),
);

const isOfBench = ({ type }: Edit): boolean => type === 'tick' || type === 'untick';

/** Opens a build; its history starts empty. */
export function openInStore(recordKey: string, build: Build): void {
  useBuildStore.setState({ recordKey, build, lastAction: '' });
  useBuildStore.temporal.getState().clear();
}

/**
 * Puts another value in the place of the open build, without an entry in its history: the values of the history are
 * carried over too, so that an undo takes back what was done here and nothing else.
 */
export function replaceInStore(build: Build, carryOver: (past: Build) => Build): void {
  const history = useBuildStore.temporal;
  history.getState().pause();
  useBuildStore.setState({ build });
  history.getState().resume();
  const carried = <T extends { build?: Build | undefined }>(states: T[]): T[] =>
    states.map((item) => (item.build ? { ...item, build: carryOver(item.build) } : item));
  history.setState(({ pastStates, futureStates }) => ({
    pastStates: carried(pastStates),
    futureStates: carried(futureStates),
  }));
}

/** Undo and redo with their depths. */
export function useHistory() {
  const temporalState = useStore(useBuildStore.temporal);
  const lastAction = useBuildStore((state) => state.lastAction);
  return {
    undo: () => temporalState.undo(),
    redo: () => temporalState.redo(),
    undoDepth: temporalState.pastStates.length,
    redoDepth: temporalState.futureStates.length,
    undoWords: lastAction,
    redoWords: temporalState.futureStates.at(-1)?.lastAction ?? '',
  };
}
