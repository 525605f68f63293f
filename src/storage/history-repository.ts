import { readBuild } from '../core/file/read-file';
import type { Build } from '../core/plan/build';
import type { DryHullDatabase, PastState } from './database';

/** What can be undone and redone of a build, beside the state that it was left in. */
export interface KeptHistory {
  build: Build;
  lastAction: string;
  past: PastState[];
  future: PastState[];
}

/** Most steps that are kept each way; the oldest go first. */
export const mostKept = 40;

/** Keeps what can be undone, so that it outlives a reload. */
export class HistoryRepository {
  constructor(private readonly database: DryHullDatabase) {}

  async keep(key: string, { build, lastAction, past, future }: KeptHistory): Promise<void> {
    await this.database.history.put({
      key,
      build,
      lastAction,
      past: past.slice(-mostKept),
      future: future.slice(-mostKept),
    });
  }

  /** What was kept; `undefined` where nothing was, or where a state of it cannot be read any more. */
  async load(key: string): Promise<KeptHistory | undefined> {
    const kept = await this.database.history.get(key);
    if (!kept) return undefined;
    const builds = [kept.build, ...[...kept.past, ...kept.future].map((state) => state.build)];
    return builds.every((build) => readBuild({ ...build }).ok) ? kept : undefined;
  }
}
