import { nanoid } from 'nanoid';
import type { Build } from '../core/plan/build';
import type { FileProblem } from '../core/file/problem';
import { readBuild } from '../core/file/read-file';
import { failure, success, type Result } from '../core/result';
import type { BuildRecord, DryHullDatabase } from './database';

export type StoredBuild = Omit<BuildRecord, 'build'>;

/** A stored build, and what is wrong with it where it cannot be read. */
export interface ReadRecord {
  record: BuildRecord;
  problem?: FileProblem;
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
    await this.save(key, build);
    return key;
  }

  async save(key: string, build: Build): Promise<void> {
    await this.database.builds.put({ key, name: build.name, savedAt: this.now().toISOString(), build });
  }

  /** Reads a build back; what lies in the database is checked like a file. */
  async load(key: string): Promise<Result<Build, FileProblem>> {
    const record = await this.database.builds.get(key);
    if (!record) return failure({ where: 'this browser', why: 'no such build is stored here' });
    const read = readBuild({ ...record.build });
    return read.ok ? success(record.build) : read;
  }

  /** Takes a build out of storage. @returns the record, so that it can be put back */
  async remove(key: string): Promise<BuildRecord | undefined> {
    const record = await this.database.builds.get(key);
    await this.database.builds.delete(key);
    return record;
  }

  /** Puts a removed record back as it was. */
  async restore(record: BuildRecord): Promise<void> {
    await this.database.builds.put(record);
  }

  /** Every stored build with its content, newest first; what cannot be read comes with what is wrong with it. */
  async listWithBuilds(): Promise<ReadRecord[]> {
    const records = await this.database.builds.orderBy('savedAt').reverse().toArray();
    return records.map((record) => {
      const read = readBuild({ ...record.build });
      return read.ok ? { record } : { record, problem: read.problem };
    });
  }

  async lastOpen(): Promise<string | undefined> {
    return (await this.database.settings.get('openBuild'))?.value;
  }

  async setLastOpen(key: string): Promise<void> {
    await this.database.settings.put({ name: 'openBuild', value: key });
  }
}
