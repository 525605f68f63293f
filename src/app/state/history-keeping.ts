import { nanoid } from 'nanoid';
import { isSameBuild } from '../../core/model/plan/same-build';
import { mergeBuilds } from '../../core/model/merge/merge-builds';
import type { Build } from '../../core/model/plan/build';
import { HistoryRepository } from '../../storage/history-repository';
import type { PastState } from '../../storage/database';
import { useBuildStore } from './build-store';
import { database } from './database';

/** What this window is called, which outlives a reload of it; and the window it was duplicated from, or itself. */
interface WindowNames {
  own: string;
  from: string;
}

/** Milliseconds between tries, and how often a name is tried for: a window that is being reloaded lets go of it soon. */
const pause = 100;
const tries = 4;

/** A browser copies the name into a window that is duplicated: whoever finds it held takes another. */
async function claimName(): Promise<WindowNames> {
  const known = sessionStorage.getItem('window');
  if (known !== null && (await hold(known))) return { own: known, from: known };
  const own = nanoid(8);
  sessionStorage.setItem('window', own);
  await hold(own);
  return { own, from: known ?? own };
}

/** Holds a name for as long as the window is open. @returns whether nobody else holds it */
async function hold(name: string): Promise<boolean> {
  // Without locks there is no telling; windows then share what they shared before.
  if (!('locks' in navigator)) return true;
  for (let n = 0; n < tries; n += 1) {
    if (await isGranted(name)) return true;
    await new Promise((resolve) => setTimeout(resolve, pause));
  }
  return false;
}

/** However busy the page is, the answer is one or the other: nothing here runs against a clock. */
const isGranted = (name: string): Promise<boolean> =>
  new Promise((resolve) => {
    navigator.locks
      .request(`window ${name}`, { ifAvailable: true }, (lock) => {
        resolve(lock !== null);
        return lock ? new Promise<never>(() => undefined) : undefined;
      })
      .catch(() => resolve(false));
  });

const names = claimName();
const historyOf = (name: string) => new HistoryRepository(database, name);

/** Milliseconds of quiet after which what can be undone is written down. */
const quiet = 500;

/** Writes down what can be undone, after each pause in the work. Returns a function that stops it. */
export function keepHistory(): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const unsubscribe = useBuildStore.subscribe((now, before) => {
    clearTimeout(timer);
    if (now.recordKey === '' || now.build === before.build) return;
    if (now.recordKey !== before.recordKey) return;
    timer = setTimeout(() => void write().catch(() => undefined), quiet);
  });
  return () => {
    clearTimeout(timer);
    unsubscribe();
  };
}

/** What could not be written is only the way back: the build itself is saved, and told of, elsewhere. */
async function write(): Promise<void> {
  const { recordKey, build, lastAction } = useBuildStore.getState();
  const { pastStates, futureStates } = useBuildStore.temporal.getState();
  if (!build) return;
  await historyOf((await names).own).keep(recordKey, {
    build,
    lastAction,
    past: whole(pastStates),
    future: whole(futureStates),
  });
}

const whole = (states: readonly { build?: Build | undefined; lastAction?: string }[]): PastState[] =>
  states.flatMap(({ build, lastAction = '' }) => (build ? [{ build, lastAction }] : []));

/** Brings back what could be undone of a build that was just opened; what changed elsewhere since stays changed. */
export async function bringHistoryBack(key: string, opened: Build): Promise<void> {
  const { own, from } = await names;
  const kept = (await historyOf(own).load(key)) ?? (await historyOf(from).load(key));
  const { recordKey, build } = useBuildStore.getState();
  const history = useBuildStore.temporal;
  if (!kept || recordKey !== key || build !== opened || history.getState().pastStates.length > 0) return;
  const isAsLeft = isSameBuild(kept.build, opened);
  const carried = (states: PastState[]) =>
    isAsLeft
      ? states
      : states.map((state) => ({ ...state, build: mergeBuilds(kept.build, state.build, opened).build }));
  history.getState().pause();
  useBuildStore.setState({ lastAction: kept.lastAction });
  history.getState().resume();
  history.setState({ pastStates: carried(kept.past), futureStates: carried(kept.future) });
}
