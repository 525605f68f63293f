import { create } from 'zustand';
import type { Build } from '../../core/model/plan/build';
import type { Edit } from '../../core/model/plan/edits';
import { useBuildStore } from './build-store';

interface DoneState {
  /** What was done a moment ago, and the build that came of it. */
  done: { words: string; build: Build } | undefined;
  close: () => void;
}

/** An act whose effect is on another screen: said for a moment, with the way back. */
export const useDone = create<DoneState>()((set) => ({
  done: undefined,
  close: () => set({ done: undefined }),
}));

/**
 * Makes a change that cannot be seen where it was asked for, and says so.
 * @param words what is said, as something that has happened: "Fitted: micro servo"
 * @returns whether it was taken
 */
export function applyAndSay(action: string, edits: readonly Edit[], words: string): boolean {
  const isTaken = useBuildStore.getState().apply(action, edits);
  const { build } = useBuildStore.getState();
  if (isTaken && build) {
    useDone.setState({ done: { words, build } });
    // The next change ends it for good: an undo of that one must not bring it back.
    const stop = useBuildStore.subscribe((state) => {
      if (state.build === build) return;
      stop();
      useDone.setState(({ done }) => ({ done: done?.build === build ? undefined : done }));
    });
  }
  return isTaken;
}
