import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { tub } from '../../tests/kit/tub';
import type { Build } from '../core/model/plan/build';
import { BuildRepository, type Seen } from './build-repository';
import { DryHullDatabase } from './database';

let database: DryHullDatabase;
let repository: BuildRepository;
let clock: number;

beforeEach(() => {
  database = new DryHullDatabase(`test-${Math.random()}`);
  clock = Date.parse('2026-01-01T00:00:00Z');
  repository = new BuildRepository(database, () => new Date((clock += 60_000)));
});

async function seenOf(key: string): Promise<Seen> {
  const read = await repository.loadSeen(key);
  if (!read.ok) throw new Error(read.problem.why);
  return read.value;
}

/** Changes a stored build as a window would that has just read it. */
async function change(key: string, by: (build: Build) => Build): Promise<void> {
  const seen = await seenOf(key);
  await repository.save(key, by(seen.build), seen);
}

describe('BuildRepository', () => {
  it('gives back what was stored', async () => {
    const key = await repository.add(tub());
    expect(await repository.load(key)).toEqual({ ok: true, value: tub() });
  });

  it('puts the changes of two windows together, whoever saves first', async () => {
    const key = await repository.add(tub());
    const start = await seenOf(key);
    const mine = { ...start.build, name: 'Mine' };
    const theirs = { ...start.build, brief: { ...start.build.brief, finesse: true } };
    const [first, second] = [
      await repository.save(key, mine, start),
      await repository.save(key, theirs, start),
    ];
    expect(first).toMatchObject({ state: 'saved', seen: { revision: 2 }, clashes: [] });
    expect(second).toMatchObject({
      state: 'saved',
      seen: { revision: 3, build: { name: 'Mine', brief: { finesse: true } } },
    });
    const clash = await repository.save(key, { ...start.build, name: 'Other' }, start);
    expect(clash).toMatchObject({ clashes: [{ kept: 'Other', other: 'Mine' }] });
  });

  it('does not revive a build that another window deleted', async () => {
    const key = await repository.add(tub());
    const read = await repository.loadSeen(key);
    await repository.remove(key);
    expect(await repository.save(key, tub(), read.ok ? read.value : undefined)).toEqual({ state: 'gone' });
    expect(await repository.list()).toEqual([]);
  });

  it('tells of what changes in a record', async () => {
    const key = await repository.add(tub());
    const told: (string | undefined)[] = [];
    const stop = repository.watch(key, (stored) => told.push(stored?.build.name));
    await expect.poll(() => told).toEqual(['Tub']);
    await change(key, (build) => ({ ...build, name: 'Tug' }));
    await expect.poll(() => told.at(-1)).toBe('Tug');
    stop();
  });

  it('loses no acknowledged change, however the saves of three windows fall', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(2), fc.nat(3), fc.boolean()), { maxLength: 24 }),
        async (steps) => {
          const key = await repository.add(tub());
          const read = await repository.loadSeen(key);
          if (!read.ok) throw new Error(read.problem.why);
          const windows = [0, 1, 2].map(() => ({ seen: read.value, build: read.value.build }));
          const wanted = new Map<string, string>();
          const told: string[] = [];
          const save = async (window: (typeof windows)[number]) => {
            const saved = await repository.save(key, window.build, window.seen);
            if (saved.state !== 'saved') throw new Error(saved.state);
            told.push(...saved.clashes.map((clash) => clash.other));
            Object.assign(window, { seen: saved.seen, build: saved.seen.build });
          };
          for (const [n, [who, what, isSaved]] of steps.entries()) {
            const window = windows[who]!;
            const fitting = window.build.fittings[what]!;
            wanted.set(`${who} ${fitting.id}`, `name ${n}`);
            window.build = {
              ...window.build,
              fittings: window.build.fittings.map((each) =>
                each === fitting ? { ...each, name: `name ${n}` } : each,
              ),
            };
            if (isSaved) await save(window);
          }
          for (const window of windows) await save(window);
          const end = await repository.load(key);
          const names = end.ok ? end.value.fittings.map((fitting) => fitting.name) : [];
          // The last that each window called a part stands, or was told to have given way, or was seen and changed.
          for (const fitting of new Set([...wanted.keys()].map((text) => text.split(' ')[1]!))) {
            const here = [0, 1, 2].flatMap((who) => wanted.get(`${who} ${fitting}`) ?? []);
            const stands = here.filter((name) => names.includes(name));
            expect(stands.length, JSON.stringify(steps)).toBe(1);
          }
          expect(told.every((text) => text.startsWith('name '))).toBe(true);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('lists the newest first, without the builds', async () => {
    const first = await repository.add({ ...tub(), name: 'First' });
    await repository.add({ ...tub(), name: 'Second' });
    await change(first, (build) => ({ ...build, name: 'First, changed' }));
    const stored = await repository.list();
    expect(stored.map((storedBuild) => storedBuild.name)).toEqual(['First, changed', 'Second']);
    expect(stored[0]).not.toHaveProperty('build');
  });

  it('keeps what was deleted for a month of use, whatever the clock says', async () => {
    const key = await repository.add(tub());
    await repository.remove(key);
    expect(await repository.listDeleted()).toMatchObject([{ key, name: 'Tub', daysLeft: 30 }]);
    // A clock that is years ahead for once, and then right again.
    clock += 3650 * 86_400_000;
    expect(await repository.listDeleted()).toMatchObject([{ daysLeft: 29 }]);
    clock -= 3650 * 86_400_000;
    expect(await repository.listDeleted()).toMatchObject([{ daysLeft: 28 }]);
    expect(await repository.listDeleted()).toMatchObject([{ daysLeft: 28 }]);
    for (let day = 0; day < 28; day += 1) {
      clock += 86_400_000;
      expect(await repository.listDeleted()).toHaveLength(1);
    }
    clock += 86_400_000;
    expect(await repository.listDeleted()).toEqual([]);
    await repository.restore(key);
    expect(await repository.list()).toEqual([]);
  });

  it('begins the month anew for what an older version deleted', async () => {
    const key = await repository.add(tub());
    const record = (await database.builds.get(key))!;
    await database.builds.delete(key);
    await database.deleted.put({ ...record, deletedAt: '2019-01-01T00:00:00.000Z' });
    expect(await repository.listDeleted()).toMatchObject([{ key, daysLeft: 30 }]);
  });

  it('brings in several at once, in the place of others that wait among the deleted', async () => {
    const key = await repository.add(tub());
    await repository.addAll(
      [
        { ...tub(), name: 'A' },
        { ...tub(), name: 'B' },
      ],
      [key],
    );
    expect((await repository.list()).map(({ name }) => name).sort()).toEqual(['A', 'B']);
    expect((await repository.listDeleted()).map(({ name }) => name)).toEqual(['Tub']);
  });

  it('takes over the builds of the first version of the database', async () => {
    const name = `old-${Math.random()}`;
    const old = new Dexie(name);
    old.version(1).stores({ builds: 'key, savedAt', locker: 'id', settings: 'name' });
    await old
      .table('builds')
      .put({ key: 'k', name: 'Tub', savedAt: '2025-01-01T00:00:00.000Z', build: tub() });
    old.close();
    const now = new BuildRepository(new DryHullDatabase(name));
    expect(await now.load('k')).toEqual({ ok: true, value: tub() });
    expect(await now.listDeleted()).toEqual([]);
  });

  it('removes a build, and puts it back as it was', async () => {
    const key = await repository.add(tub());
    await repository.remove(key);
    expect(await repository.list()).toEqual([]);
    await repository.restore(key);
    expect(await repository.listDeleted()).toEqual([]);
    expect(await repository.load(key)).toEqual({ ok: true, value: tub() });
    expect((await repository.listWithBuilds()).map((readRecord) => readRecord.record.build.name)).toEqual([
      'Tub',
    ]);
  });

  it('puts back beside what was stored again, never over it', async () => {
    const key = await repository.add(tub());
    await repository.remove(key);
    // The window that had it open stores it again, and goes on.
    const again = await repository.storeAgain(key, { ...tub(), name: 'Stored again' });
    expect(again).toMatchObject({ state: 'saved' });
    expect(await repository.listDeleted()).toEqual([]);
    await change(key, (build) => ({ ...build, name: 'Gone on with' }));
    await repository.restore(key);
    expect((await repository.list()).map(({ name }) => name)).toEqual(['Gone on with']);

    // An older version of the program left both in place.
    await database.deleted.put({ ...(await database.builds.get(key))!, build: tub(), deletedAt: '2026' });
    await repository.restore(key);
    expect((await repository.list()).map(({ name }) => name).sort()).toEqual([
      'Gone on with',
      'Tub, put back',
    ]);
  });

  it('stores again beside what was put back meanwhile', async () => {
    const key = await repository.add(tub());
    await repository.remove(key);
    await repository.restore(key);
    const again = await repository.storeAgain(key, { ...tub(), name: 'Mine' });
    expect(again).toMatchObject({ state: 'apart' });
    expect((await repository.list()).map(({ name }) => name).sort()).toEqual(['Mine', 'Tub']);
  });

  it('overwrites nothing that was not seen', async () => {
    const key = await repository.add(tub());
    const start = await seenOf(key);
    const after = await repository.save(key, { ...tub(), name: 'Corrected' }, start);
    await change(key, (build) => ({ ...build, brief: { ...build.brief, finesse: true } }));
    // What is taken back is the one change, not the whole build.
    if (after.state !== 'saved') throw new Error('not saved');
    await repository.save(key, start.build, after.seen);
    expect(await seenOf(key)).toMatchObject({ build: { name: 'Tub', brief: { finesse: true } } });
    expect(await repository.save(key, tub())).toMatchObject({ state: 'apart' });
    expect(await seenOf(key)).toMatchObject({ build: { brief: { finesse: true } } });
  });

  it('remembers what was open', async () => {
    expect(await repository.lastOpen()).toBeUndefined();
    await repository.setLastOpen('key');
    expect(await repository.lastOpen()).toBe('key');
  });

  it('says why a build cannot be read, and keeps it', async () => {
    const key = await repository.add({
      ...tub(),
      fittings: [{ id: 'x', name: 'x', part: 'ghost' }],
      leads: [],
    });
    const read = await repository.load(key);
    expect(read).toMatchObject({ ok: false, problem: { where: 'build.fittings[0].part' } });
    expect(await repository.list()).toHaveLength(1);
    expect(await repository.listWithBuilds()).toMatchObject([
      { record: { key, name: 'Tub' }, problem: { where: 'build.fittings[0].part' } },
    ]);
    expect((await repository.load('nothing')).ok).toBe(false);
  });
});
