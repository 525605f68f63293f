import { create } from 'zustand';
import type { LockerItem } from '../../core/locker/locker-item';
import { costsIn } from '../../core/locker/to-buy';
import { partProblem } from '../../core/file/part-problem';
import { problemText } from '../../core/file/problem';
import type { PartSpec } from '../../core/parts/part-spec';
import { starterLocker } from '../../core/starter/starter-locker';
import { clashWords } from '../../core/merge/clash';
import { LockerRepository, type SpoiltSheet, type StoredLocker } from '../../storage/locker-repository';
import { database } from './database';
import { refuse, tell } from './refusal-store';

const repository = new LockerRepository(database, starterLocker);

interface LockerState {
  items: readonly LockerItem[];
  /** Stored sheets that cannot be read. */
  spoilt: readonly SpoiltSheet[];
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

const stateOf = ({ items, spoilt }: StoredLocker) => ({
  items,
  spoilt,
  parts: inOrder(items).map((item) => item.part),
  costs: costsIn(items),
});

/** The locker as it lies in the browser. */
export const useLocker = create<LockerState>()((set, get) => ({
  items: [],
  spoilt: [],
  parts: starterLocker,
  costs: new Map(),
  load: async () => {
    set(stateOf(await repository.list()));
  },
  save: async (item) => {
    const problem = partProblem(item.part, item.part.name);
    if (problem) return refuse(`The sheet of ${item.part.name} cannot be kept`, problemText(problem));
    const seen = get().items.find((known) => known.part.id === item.part.id);
    const clashes = await repository.save(item, seen);
    await get().load();
    if (clashes.length > 0) tell('Changed in two windows at once', clashWords(clashes));
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

/** Takes in what other windows change in the locker. Returns a function that stops it. */
export function followLocker(): () => void {
  return repository.watch((stored) => {
    // What this window wrote itself it has read already.
    if (JSON.stringify(stored.items) !== JSON.stringify(useLocker.getState().items))
      useLocker.setState(stateOf(stored));
  });
}
