import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { starterPart } from '../core/starter/starter-locker';
import { DryHullDatabase } from './database';
import { LockerRepository } from './locker-repository';

let repository: LockerRepository;
const starter = [starterPart('servo-standard'), starterPart('bec-8a')];

beforeEach(() => {
  repository = new LockerRepository(new DryHullDatabase(`locker-${Math.random()}`), starter);
});

describe('LockerRepository', () => {
  it('begins with the starter’s parts, owned by nobody', async () => {
    const items = await repository.list();
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
    expect((await repository.list())[1]).toEqual({
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
      (await repository.list())
        .map((item) => item.part.id)
        .slice(0, 2)
        .sort(),
    ).toEqual(['a', 'b']);
  });

  it('puts own parts first, and forgets them when removed', async () => {
    const mine = { ...starter[0]!, id: 'mine', name: 'my servo' };
    await repository.save({ part: mine, state: 'own', isStarter: false });
    expect((await repository.list())[0]).toEqual({ part: mine, state: 'own', isStarter: false });
    await repository.remove('mine');
    expect(await repository.list()).toHaveLength(2);
  });
});
