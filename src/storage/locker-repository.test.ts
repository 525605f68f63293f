import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it } from 'vitest';
import { starterPart } from '../core/model/starter/starter-locker';
import { DryHullDatabase } from './database';
import { LockerRepository } from './locker-repository';

const lockerOfVersionOne = JSON.parse(readFileSync('tests/fixtures/locker-v1.json', 'utf8')) as unknown[];
let repository: LockerRepository;
const starter = [starterPart('servo-standard'), starterPart('bec-8a')];

beforeEach(() => {
  repository = new LockerRepository(new DryHullDatabase(`locker-${Math.random()}`), starter);
});

describe('LockerRepository', () => {
  it('begins with the starter’s parts, owned by nobody', async () => {
    const { items } = await repository.list();
    expect(items.map((item) => [item.part.id, item.state, item.isStarter])).toEqual([
      ['servo-standard', 'catalogue', true],
      ['bec-8a', 'catalogue', true],
    ]);
  });

  it('keeps what is noted about a starter part, with the starter’s own sheet', async () => {
    await repository.save({
      part: { ...starter[1]!, name: 'stale' },
      state: 'own',
      price: 14.5,
      isStarter: true,
    });
    expect((await repository.list()).items[1]).toEqual({
      part: starter[1],
      state: 'own',
      price: 14.5,
      isStarter: true,
    });
  });

  it('stores several at once', async () => {
    const own = (id: string) => ({ part: { ...starter[0]!, id }, state: 'own' as const, isStarter: false });
    await repository.saveAll([own('a'), own('b')]);
    expect(
      (await repository.list()).items
        .map((item) => item.part.id)
        .slice(0, 2)
        .sort(),
    ).toEqual(['a', 'b']);
  });

  it('puts own parts first, and forgets them when removed', async () => {
    const mine = { ...starter[0]!, id: 'mine', name: 'my servo' };
    await repository.save({ part: mine, state: 'own', isStarter: false });
    expect((await repository.list()).items[0]).toEqual({ part: mine, state: 'own', isStarter: false });
    await repository.remove('mine');
    expect((await repository.list()).items).toHaveLength(2);
  });

  it('puts together what two windows changed in one sheet, and tells of a field that both did', async () => {
    const seen = { part: { ...starter[0]!, id: 'mine' }, state: 'own' as const, isStarter: false };
    await repository.save(seen);
    expect(await repository.save({ ...seen, price: 12 }, seen)).toEqual([]);
    expect(await repository.save({ ...seen, part: { ...seen.part, name: 'rudder' } }, seen)).toEqual([]);
    expect((await repository.list()).items[0]).toMatchObject({ price: 12, part: { name: 'rudder' } });
    const clashes = await repository.save({ ...seen, price: 15 }, seen);
    expect(clashes).toMatchObject([{ kept: '15', other: '12' }]);
  });

  it('tells other windows of a change', async () => {
    const told: (number | undefined)[] = [];
    const stop = repository.watch(({ items }) => told.push(items[0]?.price));
    await expect.poll(() => told).toEqual([undefined]);
    await repository.save({ part: starter[0]!, state: 'own', price: 9, isStarter: true });
    await expect.poll(() => told.at(-1)).toBe(9);
    stop();
  });

  it('sets a sheet that cannot be read aside, and keeps it', async () => {
    const good = { part: { ...starter[0]!, id: 'good' }, state: 'own' as const, isStarter: false };
    const bad = { part: { ...starter[0]!, id: 'bad', sheet: 'none' } as unknown as typeof good.part };
    await repository.saveAll([good, { ...good, ...bad }]);
    const { items, spoilt } = await repository.list();
    expect(items.map(({ part }) => part.id)).toEqual(['good', 'servo-standard', 'bec-8a']);
    expect(spoilt).toMatchObject([{ record: { id: 'bad' }, problem: { where: 'part.sheet' } }]);
    await repository.remove('bad');
    expect((await repository.list()).spoilt).toEqual([]);
  });

  it('reads what the first version of the database held', async () => {
    const name = `old-${Math.random()}`;
    const old = new Dexie(name);
    old.version(1).stores({ builds: 'key, savedAt', locker: 'id', settings: 'name' });
    await old.table('locker').bulkPut(lockerOfVersionOne);
    old.close();
    const { items, spoilt } = await new LockerRepository(new DryHullDatabase(name), starter).list();
    expect(spoilt).toEqual([]);
    expect(items.map(({ part, state, price }) => [part.name, state, price])).toEqual([
      ['rudder servo from the drawer', 'own', 12.5],
      ['standard servo', 'own', undefined],
      [starter[1]!.name, 'mightBuy', 14],
    ]);
  });
});
