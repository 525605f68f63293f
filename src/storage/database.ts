import { Dexie, type EntityTable } from 'dexie';
import type { Build } from '../core/plan/build';
import type { LockerItem } from '../core/locker/locker-item';

/** A build as it lies in the browser's database. */
export interface BuildRecord {
  /** Key of the record; the build's own id comes from its file and may be there twice. */
  key: string;
  name: string;
  savedAt: string;
  /** Rises with each save, so that a window knows whether another has saved since; 0 where not said. */
  revision?: number;
  build: Build;
}

export type LockerRecord = LockerItem & { id: string };

interface Setting {
  name: 'openBuild';
  value: string;
}

export class DryHullDatabase extends Dexie {
  declare builds: EntityTable<BuildRecord, 'key'>;
  declare locker: EntityTable<LockerRecord, 'id'>;
  declare settings: EntityTable<Setting, 'name'>;

  constructor(name = 'dry-hull') {
    // Strict: a save has reached the disk before it counts as saved, so that a killed browser loses nothing.
    super(name, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({ builds: 'key, savedAt', locker: 'id', settings: 'name' });
  }
}
