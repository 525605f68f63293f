import 'fake-indexeddb/auto';
import { expect, it } from 'vitest';
import { tub } from '../../tests/kit/tub';
import { DryHullDatabase } from './database';
import { HistoryRepository, mostKept } from './history-repository';

const state = (name: string) => ({ build: { ...tub(), name }, lastAction: `call it ${name}` });
const database = new DryHullDatabase(`history-${Math.random()}`);
const repository = new HistoryRepository(database);

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
