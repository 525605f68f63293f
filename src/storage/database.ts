import { Dexie, type EntityTable } from 'dexie';
import type { Build } from '../core/model/plan/build';
import type { Clash } from '../core/model/merge/clash';
import type { LockerItem } from '../core/model/kinds/locker-item';

/** A build as it lies in the browser's database. */
export interface BuildRecord {
  /** Key of the record; the build's own id comes from its file and may be there twice. */
  key: string;
  name: string;
  savedAt: string;
  /** Rises with each save, so that a window knows whether another has saved since; 0 where not said. */
  revision?: number;
  /** What the last save changed in another way than the one before it, for the window that made that one. */
  clashes?: Clash[];
  /** Version of the form of its build; the first where not said. */
  version?: number;
  build: Build;
}

/** A build that was deleted, kept for a while. */
export interface DeletedRecord extends BuildRecord {
  deletedAt: string;
  /** The day of use on which its time began to run; begun anew where a record does not say. */
  deletedOnDay?: number;
}

/** A state that a build was in, and what was done to come to it. */
export interface PastState {
  build: Build;
  lastAction: string;
}

/** What can be undone of a build in a window, by the keys of both. */
export interface HistoryRecord extends PastState {
  key: string;
  /** Key of the build's record; the same as `key` in records of the second version, which knew no windows. */
  buildKey: string;
  keptAt: string;
  past: PastState[];
  future: PastState[];
  /** Version of the form of its builds; the first where not said. */
  version?: number;
}

export type LockerRecord = LockerItem & { id: string };

interface Setting {
  name: 'openBuild' | 'lastBackup' | 'dayOfUse';
  value: string;
}

export class DryHullDatabase extends Dexie {
  declare builds: EntityTable<BuildRecord, 'key'>;
  declare deleted: EntityTable<DeletedRecord, 'key'>;
  declare history: EntityTable<HistoryRecord, 'key'>;
  declare locker: EntityTable<LockerRecord, 'id'>;
  declare settings: EntityTable<Setting, 'name'>;

  constructor(name = 'dry-hull') {
    // Strict: a save has reached the disk before it counts as saved, so that a killed browser loses nothing.
    super(name, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({ builds: 'key, savedAt', locker: 'id', settings: 'name' });
    // What is deleted waits for a month; what can be undone outlives a reload.
    this.version(2).stores({ deleted: 'key, deletedAt', history: 'key' });
    // Each window has its own way back.
    this.version(3)
      .stores({ history: 'key, buildKey' })
      .upgrade((transaction) =>
        transaction
          .table<HistoryRecord, string>('history')
          .toCollection()
          .modify((kept) => {
            kept.buildKey = kept.key;
            kept.keptAt = '';
          }),
      );
  }
}
