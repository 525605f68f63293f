import { liveQuery } from 'dexie';
import { nanoid } from 'nanoid';
import type { Clash } from '../core/model/merge/clash';
import { mergeBuilds } from '../core/model/merge/merge-builds';
import type { Build } from '../core/model/plan/build';
import type { FileProblem } from '../core/base/validation/problem';
import { climbed, fileVersion } from '../core/model/file/ladder';
import { readBuild, readKept } from '../core/model/file/read-file';
import { failure, success, type Result } from '../core/base/result';
import type { BuildRecord, DeletedRecord, DryHullDatabase } from './database';

/** A stored build as a window last saw it. */
export interface Seen {
  build: Build;
  revision: number;
  /** What the save of this revision changed in another way than the one before it. */
  clashes?: readonly Clash[];
  savedAt?: string;
}

/** The build of a record in the form of today, unchecked. */
const buildIn = ({ build, version }: Pick<BuildRecord, 'build' | 'version'>): Build =>
  climbed(build, version ?? 1) as Build;

const seenIn = ({ clashes, savedAt, ...record }: BuildRecord): Seen => ({
  build: buildIn(record),
  revision: revisionOf(record),
  savedAt,
  ...(clashes && { clashes }),
});

/**
 * What came of a save: `saved`, with what lies there now; `gone`, where the record was deleted elsewhere, and nothing was
 * written; `apart`, where two windows' changes would not go together, and this one's lie in a record of their own.
 */
export type Saved =
  { state: 'saved'; seen: Seen; clashes: Clash[] } | { state: 'gone' } | { state: 'apart'; key: string };

/** Days of use that a deleted build is kept: a clock that is wrong, or a year on the shelf, is one day. */
const keptDays = 30;

/** A deleted build that is still there. */
export interface Deleted extends DeletedRecord {
  /** Days of use until it goes for good. */
  daysLeft: number;
}

const revisionOf = (record: Pick<BuildRecord, 'revision'> | undefined): number => record?.revision ?? 0;

export type StoredBuild = Omit<BuildRecord, 'build'>;

/** A stored build, and what is wrong with it where it cannot be read. */
export interface ReadRecord {
  record: BuildRecord;
  problem?: FileProblem;
}

function readRecord(record: BuildRecord): Result<Seen, FileProblem> {
  const read = readKept(record.build, record.version);
  return read.ok ? success(seenIn(record)) : read;
}

/** Keeps builds in the browser's database. */
export class BuildRepository {
  constructor(
    private readonly database: DryHullDatabase,
    private readonly now: () => Date = () => new Date(),
  ) {}

  /** What is stored, newest first, without the builds themselves. */
  async list(): Promise<StoredBuild[]> {
    const records = await this.database.builds.orderBy('savedAt').reverse().toArray();
    return records.map(({ key, name, savedAt }) => ({ key, name, savedAt }));
  }

  /** Stores a build under a new key. */
  async add(build: Build): Promise<string> {
    const key = nanoid();
    await this.put(key, build, 1);
    return key;
  }

  /**
   * Saves a build. Where another window has saved since it was last seen, the changes of both are put together first:
   * all of it in one transaction, so that no save overwrites what it has not seen.
   * @param seen what this window last saw stored; absent for a build that nobody stored yet
   * @param clashed what the build already changes in another way than what was seen
   */
  async save(key: string, build: Build, seen?: Seen, clashed: readonly Clash[] = []): Promise<Saved> {
    const { builds } = this.database;
    return this.database.transaction('rw', builds, async () => {
      const record = await builds.get(key);
      if (!record && seen) return { state: 'gone' };
      const revision = revisionOf(record);
      const isOurs = !record || revision === seen?.revision;
      const merged = isOurs
        ? { build, clashes: [] }
        : seen && mergeBuilds(seen.build, build, buildIn(record));
      if (!merged || (!isOurs && !readBuild({ ...merged.build }).ok))
        return { state: 'apart', key: await this.add(build) };
      const clashes = [...clashed, ...merged.clashes];
      await this.put(key, merged.build, revision + 1, clashes);
      return {
        state: 'saved',
        seen: { build: merged.build, revision: revision + 1 },
        clashes,
      };
    });
  }

  /** Reads a build back; what lies in the database is checked like a file. */
  async load(key: string): Promise<Result<Build, FileProblem>> {
    const read = await this.loadSeen(key);
    return read.ok ? success(read.value.build) : read;
  }

  /** Reads a build back, with what a later save must know of it. */
  async loadSeen(key: string): Promise<Result<Seen, FileProblem>> {
    const record = await this.database.builds.get(key);
    if (!record) return failure({ where: 'this browser', why: 'no such build is stored here' });
    return readRecord(record);
  }

  /** Reads a build back where another revision than the one known is stored; `undefined` where not. */
  async loadNewer(key: string, known: number | undefined): Promise<Result<Seen, FileProblem> | undefined> {
    const record = await this.database.builds.get(key);
    // Reading a build takes longer than a frame: what this window wrote itself is not read again.
    return !record || revisionOf(record) === known ? undefined : readRecord(record);
  }

  /** Tells whenever a record changes, whoever changed it, in this window or another. Returns a function that stops it. */
  watch(key: string, onChange: (seen: Seen | undefined) => void): () => void {
    const subscription = liveQuery(() => this.database.builds.get(key)).subscribe((record) =>
      onChange(record && seenIn(record)),
    );
    return () => subscription.unsubscribe();
  }

  private async put(
    key: string,
    build: Build,
    revision: number,
    clashes: readonly Clash[] = [],
  ): Promise<void> {
    const savedAt = this.now().toISOString();
    const told = clashes.length > 0 && { clashes: [...clashes] };
    const version = fileVersion;
    await this.database.builds.put({ key, name: build.name, savedAt, revision, version, build, ...told });
  }

  /** Takes a build out of the list; it waits among the deleted ones. @returns the record, so that it can be put back */
  async remove(key: string): Promise<BuildRecord | undefined> {
    const { builds, deleted, settings } = this.database;
    return this.database.transaction('rw', builds, deleted, settings, async () => {
      const record = await builds.get(key);
      const deletedOnDay = await this.dayOfUse();
      if (record) await deleted.put({ ...record, deletedAt: this.now().toISOString(), deletedOnDay });
      await builds.delete(key);
      return record;
    });
  }

  /**
   * Stores a build again that was deleted elsewhere while it was open: it waits among the deleted no more. Where it was put
   * back meanwhile, it lands beside that one.
   */
  async storeAgain(key: string, build: Build): Promise<Saved> {
    const { builds, deleted } = this.database;
    return this.database.transaction('rw', builds, deleted, async () => {
      if (await builds.get(key)) return { state: 'apart', key: await this.add(build) };
      const revision = revisionOf(await deleted.get(key)) + 1;
      await deleted.delete(key);
      await this.put(key, build, revision);
      return { state: 'saved', seen: { build, revision }, clashes: [] };
    });
  }

  /** Puts a deleted build back as it was; beside the one that was stored under its key since, never over it. */
  async restore(key: string): Promise<void> {
    const { builds, deleted } = this.database;
    await this.database.transaction('rw', builds, deleted, async () => {
      const record = await deleted.get(key);
      if (!record) return;
      const { deletedAt: _, ...kept } = record;
      if (await builds.get(key)) {
        const build = buildIn(kept);
        await this.add({ ...build, name: `${build.name.slice(0, 60)}, put back` });
      } else await builds.put(kept);
      await deleted.delete(key);
    });
  }

  /** What was deleted and is still there, the latest first; what has waited for a month of use goes. */
  async listDeleted(): Promise<Deleted[]> {
    const { deleted } = this.database;
    const day = await this.dayOfUse();
    const kept: Deleted[] = [];
    for (const record of await deleted.orderBy('deletedAt').reverse().toArray()) {
      const { key, deletedOnDay = day } = record;
      const daysLeft = keptDays - (day - deletedOnDay);
      if (daysLeft < 0) await this.forget(key);
      else kept.push({ ...record, daysLeft });
      if (record.deletedOnDay === undefined) await deleted.update(key, { deletedOnDay });
    }
    return kept;
  }

  /** How many days the program has been used on, today among them. */
  private async dayOfUse(): Promise<number> {
    const { settings } = this.database;
    const today = this.now().toISOString().slice(0, 10);
    return this.database.transaction('rw', settings, async () => {
      const [count = '0', last] = (await settings.get('dayOfUse'))?.value.split(' ') ?? [];
      if (last === today) return Number(count);
      const day = Number(count) + 1;
      await settings.put({ name: 'dayOfUse', value: `${day} ${today}` });
      return day;
    });
  }

  /** Deletes for good, with what could be undone of it. */
  async forget(key: string): Promise<void> {
    const { deleted, history } = this.database;
    await this.database.transaction('rw', deleted, history, async () => {
      await deleted.delete(key);
      await history.where('buildKey').equals(key).delete();
    });
  }

  /** Stores several builds at once: all of them or, if one fails, none. @param without records that make room */
  async addAll(builds: readonly Build[], without: readonly string[] = []): Promise<void> {
    const { builds: table, deleted, settings } = this.database;
    await this.database.transaction('rw', table, deleted, settings, async () => {
      for (const key of without) await this.remove(key);
      for (const build of builds) await this.put(nanoid(), build, 1);
    });
  }

  /** Every stored build with its content, newest first; what cannot be read comes with what is wrong with it. */
  async listWithBuilds(): Promise<ReadRecord[]> {
    const records = await this.database.builds.orderBy('savedAt').reverse().toArray();
    return records.map((record) => {
      const read = readKept(record.build, record.version);
      return read.ok
        ? { record: { ...record, build: read.value, version: fileVersion } }
        : { record, problem: read.problem };
    });
  }

  async lastOpen(): Promise<string | undefined> {
    return (await this.database.settings.get('openBuild'))?.value;
  }

  async setLastOpen(key: string): Promise<void> {
    await this.database.settings.put({ name: 'openBuild', value: key });
  }

  /** When a backup was made last; `undefined` where none was. */
  async lastBackup(): Promise<string | undefined> {
    return (await this.database.settings.get('lastBackup'))?.value;
  }

  async setLastBackup(madeAt: string): Promise<void> {
    await this.database.settings.put({ name: 'lastBackup', value: madeAt });
  }
}
