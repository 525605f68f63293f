import { flushSync } from 'react-dom';
import { create } from 'zustand';
import type { Build } from '../../core/model/plan/build';
import { useBuildStore } from './build-store';

/** The open build as the screens show it: a moment behind an edit, which is checked first in a task of its own. */
const useShown = create<{ build: Build | undefined }>()(() => ({ build: undefined }));

/** The open build. Screens are only shown once there is one. */
export const useBuild = (): Build => useBuildPart((build) => build);

/** A part of the open build: what shows only that need not be drawn again when the rest changes. */
export const useBuildPart = <Value>(read: (build: Build) => Value): Value =>
  useShown(({ build }) => {
    if (!build) throw new Error('no build is open');
    return read(build);
  });

/**
 * Whatever a hand does next finds the screen as the last edit left it: no handler works on what is no longer so. Only
 * what comes before a field has changed: drawn between that and its handler, a field would forget what was typed. A tap
 * leaves one field, which is an edit, and ticks another: what the mouse does lies between.
 */
const ofHands = [
  'pointerdown',
  'pointerup',
  'mousedown',
  'mouseup',
  'click',
  'keydown',
  'beforeinput',
  'focusout',
  'drop',
] as const;

const catchUp = ({ type, target }: Event): void => {
  const hasChanged = type === 'click' && target instanceof HTMLInputElement;
  if (!hasChanged) showNow();
};

const nothing = (): void => undefined;
let prepare: (build: Build) => void = nothing;

/** Has something worked out of each build before it is shown. @returns a function that stops it */
export function beforeShowing(work: (build: Build) => void): () => void {
  prepare = work;
  return () => {
    prepare = nothing;
  };
}

let waiting: ReturnType<typeof setTimeout> | undefined;

/** Draws the screens with the open build at once, for who lets go of something where it is to stay. */
export function showNow(): void {
  if (waiting === undefined) return;
  stopWaiting();
  flushSync(() => show(useBuildStore.getState().build));
}

/**
 * Lets the screens follow the open build. An edit, its check and the drawing are each a task of their own, so that none
 * holds up the page for long; another build is shown at once.
 * @returns a function that stops it
 */
export function showEachChange(): () => void {
  const begin = () => {
    waiting = setTimeout(() => {
      const { build } = useBuildStore.getState();
      try {
        if (build) prepare(build);
      } finally {
        waiting = setTimeout(() => {
          stopWaiting();
          show(build);
          if (useBuildStore.getState().build !== build) begin();
        });
      }
    });
  };
  const unsubscribe = useBuildStore.subscribe((now, before) => {
    if (now.build === before.build) return;
    if (now.recordKey !== before.recordKey) {
      stopWaiting();
      show(now.build);
    } else if (waiting === undefined) begin();
  });
  for (const kind of ofHands) window.addEventListener(kind, catchUp, { capture: true });
  return () => {
    stopWaiting();
    unsubscribe();
    for (const kind of ofHands) window.removeEventListener(kind, catchUp, { capture: true });
  };
}

const show = (build: Build | undefined): void => useShown.setState({ build });

function stopWaiting(): void {
  clearTimeout(waiting);
  waiting = undefined;
}
