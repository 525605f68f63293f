import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readBackup } from '../core/model/file/backup-file';
import { fileVersion } from '../core/model/file/ladder';
import { openFile, readBuildFile } from '../core/model/file/read-file';
import { salvageBuild } from '../core/model/file/salvage';
import type { Build } from '../core/model/plan/build';
import { BuildRepository } from './build-repository';
import { DryHullDatabase } from './database';
import { HistoryRepository } from './history-repository';

const versions = Array.from({ length: fileVersion - 1 }, (_, n) => n + 1);
const text = (version: number) => readFileSync(`tests/fixtures/version-${version}.dryhull.json`, 'utf8');
const asKept = (version: number) => (JSON.parse(text(version)) as { build: Build }).build;
/** The same build as its file gives it, which is tested on its own. */
const asOfToday = (version: number) => {
  const read = readBuildFile(text(version));
  if (!read.ok) throw new Error(`version ${version}: ${read.problem.why}`);
  return read.value;
};

describe.each(versions)('a build of version %i', (version) => {
  const database = new DryHullDatabase(`old-${version}`);
  const repository = new BuildRepository(database);
  // Records of the first programs did not say their version.
  const record = { key: 'k', name: 'Old', savedAt: '2026-01-01T00:00:00.000Z', build: asKept(version) };

  it.each([undefined, version])('is read from the store, its record saying version %s', async (said) => {
    await database.builds.put({ ...record, ...(said !== undefined && { version: said }) });
    const read = await repository.loadSeen('k');
    expect(read.ok && read.value.build).toEqual(asOfToday(version));
    const [listed] = await repository.listWithBuilds();
    expect(listed?.problem).toBeUndefined();
    expect(listed?.record.build).toEqual(asOfToday(version));
  });

  it('comes back from among the deleted, beside one stored meanwhile', async () => {
    await database.deleted.put({ ...record, deletedAt: '2026-01-02T00:00:00.000Z' });
    await repository.restore('k');
    const names = (await repository.listWithBuilds()).map((each) => [each.record.name, each.problem?.why]);
    expect(names).toContainEqual([`${asKept(version).name.slice(0, 60)}, put back`, undefined]);
  });

  it('is read from a backup', () => {
    const backup = { madeAt: record.savedAt, builds: [{ savedAt: record.savedAt, build: asKept(version) }] };
    const opened = openFile(
      JSON.stringify({ format: 'dry-hull', version, backup: { ...backup, locker: [] } }),
      'backup',
    );
    const read = opened.ok && readBackup(opened.value.content, new Set());
    expect(read && read.ok && read.value.unread).toEqual([]);
    expect(read && read.ok && read.value.builds[0]?.build).toEqual(asOfToday(version));
  });

  it('is undone to', async () => {
    const history = new HistoryRepository(database, 'left');
    const state = { build: asKept(version), lastAction: 'plan it' };
    await database.history.put({
      ...state,
      key: 'k left',
      buildKey: 'k',
      keptAt: record.savedAt,
      past: [state],
      future: [],
    });
    const kept = await history.load('k');
    expect(kept?.past).toEqual([{ build: asOfToday(version), lastAction: 'plan it' }]);
  });

  it('is salvaged with nothing left out', () => {
    expect(salvageBuild(asKept(version))).toEqual({ build: asOfToday(version), dropped: [] });
  });
});

it('of a later version says so, and stays as it is', async () => {
  const database = new DryHullDatabase('later');
  const repository = new BuildRepository(database);
  const build = asOfToday(fileVersion - 1);
  await database.builds.put({
    key: 'k',
    name: 'Later',
    savedAt: '2026-01-01T00:00:00.000Z',
    version: fileVersion + 1,
    build,
  });
  const read = await repository.loadSeen('k');
  expect(!read.ok && read.problem).toMatchObject({ where: 'version' });
  expect((await database.builds.get('k'))?.version).toBe(fileVersion + 1);
});
