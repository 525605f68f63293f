import { create } from 'zustand';
import { clashWords, yieldedWords, type Clash } from '../../core/model/merge/clash';
import { mergeBuilds } from '../../core/model/merge/merge-builds';
import type { Build } from '../../core/model/plan/build';
import { BuildRepository, type Seen } from '../../storage/build-repository';
import { storageTrouble } from '../../storage/storage-trouble';
import { database } from './database';
import { bringHistoryBack } from './history-keeping';
import { openInStore, replaceInStore, useBuildStore } from './build-store';
import { tell } from './refusal-store';

export const repository = new BuildRepository(database);

/** `gone`: the record was deleted in another window while this one had it open. */
export type SaveState = 'saved' | 'saving' | 'failed' | 'gone';

/** @property why what the store said to the last save that failed */
export const useSaveState = create<{ state: SaveState; why: string }>()(() => ({ state: 'saved', why: '' }));

/** Milliseconds until a save that failed is tried again. */
const retryAfter = 3000;

/** What this window last saw stored, by record. */
const seen = new Map<string, Seen>();
/** The latest value of each build that is not stored yet: a burst of edits is written once. */
const waiting = new Map<string, Build>();
/** What clashed with another window's save, and waits to be stored over it. */
const untold = new Map<string, readonly Clash[]>();
let isWriting = false;
let retry: ReturnType<typeof setTimeout> | undefined;

/** Opens a build that lies in the database as it was just read or written. */
export function openSeen(key: string, stored: Seen): void {
  seen.set(key, stored);
  openInStore(key, stored.build);
  // Only the way back is lost where it cannot be read.
  bringHistoryBack(key, stored.build).catch(() => undefined);
}

/**
 * Saves each change as it is made, and takes in what other windows save meanwhile. Returns a function that stops it.
 */
export function saveEachChange(): () => void {
  let stopWatching = watchOpen();
  const unsubscribe = useBuildStore.subscribe((now, before) => {
    if (now.recordKey !== before.recordKey) {
      stopWatching();
      stopWatching = watchOpen();
      return;
    }
    if (!now.build || now.build === before.build || seen.get(now.recordKey)?.build === now.build) return;
    waiting.set(now.recordKey, now.build);
    useSaveState.setState({ state: 'saving' });
    void writeWaiting();
  });
  window.addEventListener('beforeunload', askBeforeLoss);
  return () => {
    stopWatching();
    unsubscribe();
    window.removeEventListener('beforeunload', askBeforeLoss);
  };
}

/** Writes what waits, one record after another, until nothing does. */
async function writeWaiting(): Promise<void> {
  if (isWriting) return;
  isWriting = true;
  clearTimeout(retry);
  try {
    for (let next = firstWaiting(); next; next = firstWaiting()) await write(...next);
    await catchUp();
    if (useSaveState.getState().state === 'saving') useSaveState.setState({ state: 'saved' });
  } catch (error) {
    useSaveState.setState({ state: 'failed', why: storageTrouble(error) });
    retry = setTimeout(() => void writeWaiting(), retryAfter);
  } finally {
    isWriting = false;
  }
}

const firstWaiting = (): [string, Build] | undefined => [...waiting][0];

async function write(key: string, build: Build): Promise<void> {
  const clashed = untold.get(key) ?? [];
  const saved = await repository.save(key, build, seen.get(key), clashed);
  untold.delete(key);
  if (waiting.get(key) === build) waiting.delete(key);
  if (saved.state === 'gone') {
    waiting.delete(key);
    if (useBuildStore.getState().recordKey === key) useSaveState.setState({ state: 'gone' });
    return;
  }
  if (saved.state === 'apart') {
    openApart(saved.key, build, 'The changes would not go together');
    return;
  }
  seen.set(key, saved.seen);
  if (useSaveState.getState().state === 'failed') useSaveState.setState({ state: 'saving' });
  takeIn(key, build, saved.seen.build);
  if (saved.clashes.length > 0) tellOfClash(clashWords(saved.clashes));
}

/** Follows the record of the open build, for what other windows write into it. */
function watchOpen(): () => void {
  const { recordKey } = useBuildStore.getState();
  if (recordKey === '') return () => undefined;
  return repository.watch(recordKey, (stored) => {
    // A save that is under way looks for what others wrote when it ends.
    if (isWriting) return;
    if (stored) follow(recordKey, stored);
    else if (seen.has(recordKey)) useSaveState.setState({ state: 'gone' });
  });
}

/** Takes in what another window stored, where it is newer than what was seen. */
function follow(key: string, stored: Seen): void {
  const known = seen.get(key);
  if (!known || stored.revision <= known.revision) return;
  seen.set(key, stored);
  takeIn(key, known.build, stored.build);
  if (stored.clashes && useBuildStore.getState().recordKey === key)
    tellOfClash(yieldedWords(stored.clashes), stored.savedAt);
}

function tellOfClash(words: string, at = new Date().toISOString()): void {
  const time = new Date(at).toLocaleTimeString();
  tell('Changed in two windows at once', `The window that saved last, at ${time}, was followed.\n${words}`);
}

/** What other windows stored while this one wrote. */
async function catchUp(): Promise<void> {
  const { recordKey } = useBuildStore.getState();
  const stored = await repository.loadNewer(recordKey, seen.get(recordKey)?.revision);
  if (stored?.ok) follow(recordKey, stored.value);
}

/** Brings what is stored into the open build, beside what was changed here since. */
function takeIn(key: string, from: Build, stored: Build): void {
  const { recordKey, build } = useBuildStore.getState();
  if (recordKey !== key || !build) return;
  const merged = mergeBuilds(from, build, stored);
  // What clashes here is not stored yet: both windows hear of it once it is.
  if (merged.clashes.length > 0) untold.set(key, [...(untold.get(key) ?? []), ...merged.clashes]);
  if (from !== stored) replaceInStore(merged.build, (past) => mergeBuilds(from, past, stored).build);
}

/** Stores a build again that was deleted elsewhere while it was open here. */
export async function storeAgain(): Promise<void> {
  const { recordKey, build } = useBuildStore.getState();
  if (!build) return;
  const saved = await repository.storeAgain(recordKey, build);
  if (saved.state === 'apart') openApart(saved.key, build, 'It was put back in another window meanwhile');
  if (saved.state === 'saved') seen.set(recordKey, saved.seen);
  useSaveState.setState({ state: 'saved' });
}

/** Goes on with this window's build in a record of its own, and says why. */
function openApart(key: string, build: Build, why: string): void {
  openSeen(key, { build, revision: 1 });
  tell(
    'This build was changed in two windows',
    `${why}: yours is kept in a build of its own, which is open now.`,
  );
}

function askBeforeLoss(event: BeforeUnloadEvent): void {
  if (waiting.size > 0) event.preventDefault();
}
