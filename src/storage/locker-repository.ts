import type { LockerItem } from '../core/locker/locker-item';
import type { PartSpec } from '../core/parts/part-spec';
import type { DryHullDatabase } from './database';

/** Keeps the locker: the person's own parts, and what they noted about the starter's. */
export class LockerRepository {
  constructor(
    private readonly database: DryHullDatabase,
    private readonly starter: readonly PartSpec[],
  ) {}

  /** The person's own parts first, then the starter's with their notes. */
  async list(): Promise<LockerItem[]> {
    const records = new Map(
      (await this.database.locker.toArray()).map((lockerRecord) => [lockerRecord.id, lockerRecord]),
    );
    const own = [...records.values()]
      .filter((lockerRecord) => !lockerRecord.isStarter)
      .map(({ id: _, ...item }) => item);
    const known = this.starter.map((part): LockerItem => {
      const noted = records.get(part.id);
      return {
        part,
        state: noted?.state ?? 'catalogue',
        isStarter: true,
        ...(noted?.price !== undefined && { price: noted.price }),
      };
    });
    return [...own, ...known];
  }

  async save(item: LockerItem): Promise<void> {
    await this.database.locker.put({ ...item, id: item.part.id });
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
