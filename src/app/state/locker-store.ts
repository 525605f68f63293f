import { create } from 'zustand';
import type { LockerItem } from '../../core/locker/locker-item';
import { costsIn } from '../../core/locker/to-buy';
import { partProblem } from '../../core/file/part-problem';
import { problemText } from '../../core/file/problem';
import type { PartSpec } from '../../core/parts/part-spec';
import { starterLocker } from '../../core/starter/starter-locker';
import { LockerRepository } from '../../storage/locker-repository';
import { database } from './database';
import { refuse } from './refusal-store';

const repository = new LockerRepository(database, starterLocker);

interface LockerState {
  items: readonly LockerItem[];
  /** The sheets alone; another list whenever the locker changes. */
  parts: readonly PartSpec[];
  /** What parts cost, by id: nothing where they are owned. */
  costs: ReadonlyMap<string, number>;
  load: () => Promise<void>;
  /** Keeps a sheet that can be read back; any other is refused, and told. */
  save: (item: LockerItem) => Promise<void>;
  saveAll: (items: readonly LockerItem[]) => Promise<void>;
  remove: (partId: string) => Promise<void>;
}

/** Owned parts come first, so that put-rights offer what lies on the shelf. */
const inOrder = (items: readonly LockerItem[]): LockerItem[] => {
  const rank = { own: 0, mightBuy: 1, catalogue: 2 };
  return [...items].sort((a, b) => rank[a.state] - rank[b.state]);
};

/** The locker as it lies in the browser. */
export const useLocker = create<LockerState>()((set, get) => ({
  items: [],
  parts: starterLocker,
  costs: new Map(),
  load: async () => {
    const items = await repository.list();
    set({ items, parts: inOrder(items).map((item) => item.part), costs: costsIn(items) });
  },
  save: async (item) => {
    const problem = partProblem(item.part, item.part.name);
    if (problem) return refuse(`The sheet of ${item.part.name} cannot be kept`, problemText(problem));
    await repository.save(item);
    await get().load();
  },
  saveAll: async (items) => {
    await repository.saveAll(items);
    await get().load();
  },
  remove: async (partId) => {
    await repository.remove(partId);
    await get().load();
  },
}));
