import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import { expect, it } from 'vitest';
import { tub } from '../../tests/kit/tub';
import { DryHullDatabase } from './database';
import { HistoryRepository, mostKept, mostWindows } from './history-repository';

const state = (name: string) => ({ build: { ...tub(), name }, lastAction: `call it ${name}` });
const database = new DryHullDatabase(`history-${Math.random()}`);
const repository = new HistoryRepository(database, 'left');

it('keeps what can be undone, the latest steps of it', async () => {
  const past = Array.from({ length: mostKept + 5 }, (_, n) => state(`${n}`));
  await repository.keep('a', { ...state('now'), past, future: [state('next')] });
  const kept = await repository.load('a');
  expect(kept?.past.map(({ build }) => build.name)).toEqual(past.slice(5).map(({ build }) => build.name));
  expect(kept).toMatchObject({ build: { name: 'now' }, future: [{ lastAction: 'call it next' }] });
  expect(await repository.load('b')).toBeUndefined();
});

it('gives back nothing where a state cannot be read', async () => {
  const spoilt = { ...tub(), fittings: [{ id: 'x', name: 'x', part: 'ghost' }] };
  await repository.keep('c', { ...state('now'), past: [{ build: spoilt, lastAction: '' }], future: [] });
  expect(await repository.load('c')).toBeUndefined();
});

it('keeps the way back of each window apart, and gives a new window the latest', async () => {
  let clock = Date.parse('2026-01-01T00:00:00Z');
  const windowOf = (name: string) => new HistoryRepository(database, name, () => new Date((clock += 1000)));
  const keep = (name: string) =>
    windowOf(name).keep('d', { ...state(name), past: [state(`before ${name}`)], future: [] });
  await keep('first');
  await keep('second');
  expect((await windowOf('first').load('d'))?.build.name).toBe('first');
  expect((await windowOf('new').load('d'))?.build.name).toBe('second');
  for (let n = 0; n < mostWindows; n += 1) await keep(`later ${n}`);
  expect(await database.history.where('buildKey').equals('d').count()).toBe(mostWindows);
});

it('takes over what the second version of the database kept', async () => {
  const name = `old-${Math.random()}`;
  const old = new Dexie(name);
  old.version(1).stores({ builds: 'key, savedAt', locker: 'id', settings: 'name' });
  old.version(2).stores({ deleted: 'key, deletedAt', history: 'key' });
  await old.table('history').put({ key: 'e', ...state('now'), past: [state('before')], future: [] });
  old.close();
  const now = new HistoryRepository(new DryHullDatabase(name), 'new');
  expect((await now.load('e'))?.past.map(({ build }) => build.name)).toEqual(['before']);
});
