import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { tub } from '../../tests/kit/tub';
import { BuildRepository } from './build-repository';
import { DryHullDatabase } from './database';

let database: DryHullDatabase;
let repository: BuildRepository;
let clock: number;

beforeEach(() => {
  database = new DryHullDatabase(`test-${Math.random()}`);
  clock = Date.parse('2026-01-01T00:00:00Z');
  repository = new BuildRepository(database, () => new Date((clock += 60_000)));
});

describe('BuildRepository', () => {
  it('gives back what was stored', async () => {
    const key = await repository.add(tub());
    expect(await repository.load(key)).toEqual({ ok: true, value: tub() });
  });

  it('lists the newest first, without the builds', async () => {
    const first = await repository.add({ ...tub(), name: 'First' });
    await repository.add({ ...tub(), name: 'Second' });
    await repository.save(first, { ...tub(), name: 'First, changed' });
    const stored = await repository.list();
    expect(stored.map((one) => one.name)).toEqual(['First, changed', 'Second']);
    expect(stored[0]).not.toHaveProperty('build');
  });

  it('removes a build, and puts it back as it was', async () => {
    const key = await repository.add(tub());
    const record = await repository.remove(key);
    expect(await repository.list()).toEqual([]);
    await repository.restore(record!);
    expect(await repository.load(key)).toEqual({ ok: true, value: tub() });
    expect((await repository.listWithBuilds()).map((one) => one.record.build.name)).toEqual(['Tub']);
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
