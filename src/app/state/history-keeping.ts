import { nanoid } from 'nanoid';
import { isSameBuild } from '../../core/plan/same-build';
import { mergeBuilds } from '../../core/merge/merge-builds';
import type { Build } from '../../core/plan/build';
import { HistoryRepository } from '../../storage/history-repository';
import type { PastState } from '../../storage/database';
import { useBuildStore } from './build-store';
import { database } from './database';

const repository = new HistoryRepository(database, windowName());

/** What this window is called; it outlives a reload of it. */
function windowName(): string {
  const known = sessionStorage.getItem('window');
  if (known) return known;
  const name = nanoid(8);
  sessionStorage.setItem('window', name);
  return name;
}

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
  await repository.keep(recordKey, {
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
  const kept = await repository.load(key);
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
