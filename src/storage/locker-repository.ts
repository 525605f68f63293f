import { liveQuery } from 'dexie';
import { partProblem } from '../core/model/kinds/part-problem';
import type { FileProblem } from '../core/base/validation/problem';
import type { LockerItem } from '../core/model/kinds/locker-item';
import type { Clash } from '../core/model/merge/clash';
import { mergeItems } from '../core/model/merge/merge-items';
import type { PartSpec } from '../core/model/kinds/part-spec';
import type { DryHullDatabase, LockerRecord } from './database';

/** A stored sheet that cannot be read, and why. */
export interface SpoiltSheet {
  record: LockerRecord;
  problem: FileProblem;
}

/** What lies in the locker: what can be read, and what cannot. */
export interface StoredLocker {
  items: LockerItem[];
  spoilt: SpoiltSheet[];
}

const itemIn = ({ id: _, ...item }: LockerRecord): LockerItem => item;

/** Keeps the locker: the person's own parts, and what they noted about the starter's. */
export class LockerRepository {
  constructor(
    private readonly database: DryHullDatabase,
    private readonly starter: readonly PartSpec[],
  ) {}

  /** Sheets that were found whole, as they were then: a large locker is checked once, not at every change. */
  private readonly whole = new Map<string, string>();

  private problemOf({ id, part }: LockerRecord): FileProblem | undefined {
    const text = JSON.stringify(part);
    if (this.whole.get(id) === text) return undefined;
    const problem = partProblem(part, 'part');
    if (!problem) this.whole.set(id, text);
    return problem;
  }

  /** The person's own parts first, then the starter's with their notes; what lies there is checked like a file. */
  async list(): Promise<StoredLocker> {
    const records = new Map(
      (await this.database.locker.toArray()).map((lockerRecord) => [lockerRecord.id, lockerRecord]),
    );
    const own: LockerItem[] = [];
    const spoilt: SpoiltSheet[] = [];
    for (const record of records.values()) {
      if (record.isStarter) continue;
      const problem = this.problemOf(record);
      if (problem) spoilt.push({ record, problem });
      else own.push(itemIn(record));
    }
    const known = this.starter.map((part): LockerItem => {
      const noted = records.get(part.id);
      return {
        part,
        state: noted?.state ?? 'catalogue',
        isStarter: true,
        ...(noted?.price !== undefined && { price: noted.price }),
        ...(noted?.photo !== undefined && { photo: noted.photo }),
      };
    });
    return { items: [...own, ...known], spoilt };
  }

  /** Tells what lies in the locker whenever it changes, in this window or another. Returns a function that stops it. */
  watch(onChange: (locker: StoredLocker) => void): () => void {
    const subscription = liveQuery(() => this.list()).subscribe(onChange);
    return () => subscription.unsubscribe();
  }

  /**
   * Stores a sheet. What another window changed in it since it was last seen stays; of one field that both changed,
   * this window's does. @returns what both changed in two ways
   */
  async save(item: LockerItem, seen?: LockerItem): Promise<Clash[]> {
    const { locker } = this.database;
    return this.database.transaction('rw', locker, async () => {
      const record = await locker.get(item.part.id);
      const stored = record && itemIn(record);
      const { item: merged, clashes } =
        seen && stored ? mergeItems(seen, item, stored) : { item, clashes: [] };
      const isWhole = partProblem(merged.part, 'part') === undefined;
      await locker.put({ ...(isWhole ? merged : item), id: item.part.id });
      return clashes;
    });
  }

  /** Stores several at once: all of them or, if one fails, none. */
  async saveAll(items: readonly LockerItem[]): Promise<void> {
    await this.database.transaction('rw', this.database.locker, () =>
      this.database.locker.bulkPut(items.map((item) => ({ ...item, id: item.part.id }))),
    );
  }

  async remove(partId: string): Promise<void> {
    await this.database.locker.delete(partId);
  }
}
