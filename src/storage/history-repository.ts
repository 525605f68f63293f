import { fileVersion } from '../core/model/file/ladder';
import { readKept } from '../core/model/file/read-file';
import type { Build } from '../core/model/plan/build';
import type { DryHullDatabase, HistoryRecord, PastState } from './database';

/** What can be undone and redone of a build, beside the state that it was left in. */
export interface KeptHistory {
  build: Build;
  lastAction: string;
  past: PastState[];
  future: PastState[];
}

/** Most steps that are kept each way; the oldest go first. */
export const mostKept = 40;

/** Most windows whose histories of one build are kept. */
export const mostWindows = 3;

/** Keeps what can be undone, so that it outlives a reload. */
export class HistoryRepository {
  /** @param window what this window is called among those that may have the same build open */
  constructor(
    private readonly database: DryHullDatabase,
    private readonly window: string,
    private readonly now: () => Date = () => new Date(),
  ) {}

  /** Keeps what this window can undo of a build; of other windows the latest few stay. */
  async keep(buildKey: string, { build, lastAction, past, future }: KeptHistory): Promise<void> {
    const { history } = this.database;
    await this.database.transaction('rw', history, async () => {
      await history.put({
        key: this.keyOf(buildKey),
        buildKey,
        version: fileVersion,
        keptAt: this.now().toISOString(),
        build,
        lastAction,
        past: past.slice(-mostKept),
        future: future.slice(-mostKept),
      });
      await history.bulkDelete((await this.latestFirst(buildKey)).slice(mostWindows).map(({ key }) => key));
    });
  }

  private keyOf(buildKey: string): string {
    return `${buildKey} ${this.window}`;
  }

  private async latestFirst(buildKey: string): Promise<HistoryRecord[]> {
    const all = await this.database.history.where('buildKey').equals(buildKey).toArray();
    return all.sort((a, b) => b.keptAt.localeCompare(a.keptAt));
  }

  /**
   * What this window kept of a build, or else the window that kept something last; `undefined` where none did, or
   * where a state of it cannot be read any more.
   */
  async load(buildKey: string): Promise<KeptHistory | undefined> {
    const own = await this.database.history.get(this.keyOf(buildKey));
    const kept = own ?? (await this.latestFirst(buildKey))[0];
    if (!kept) return undefined;
    const now = readKept(kept.build, kept.version);
    const past = readStates(kept.past, kept.version);
    const future = readStates(kept.future, kept.version);
    if (!now.ok || !past || !future) return undefined;
    return { build: now.value, lastAction: kept.lastAction, past, future };
  }
}

/** States in the form of today; `undefined` where one cannot be read any more. */
function readStates(states: readonly PastState[], version: number | undefined): PastState[] | undefined {
  const read = states.flatMap(({ build, lastAction }) => {
    const found = readKept(build, version);
    return found.ok ? [{ build: found.value, lastAction }] : [];
  });
  return read.length === states.length ? read : undefined;
}
