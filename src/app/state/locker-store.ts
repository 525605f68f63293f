import { create } from 'zustand';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import { costsIn } from '../../core/judgement/check/to-buy';
import { partProblem } from '../../core/model/kinds/part-problem';
import { problemText } from '../../core/base/validation/problem';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import { starterLocker } from '../../core/model/starter/starter-locker';
import { clashWords } from '../../core/model/merge/clash';
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
  /** A change that is shown is not stored yet. */
  isWriting: boolean;
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

/** How many writes are asked for and not yet done, and the last of them: each waits for the one before. */
let underWay = 0;
let last: Promise<unknown> = Promise.resolve();

/** Writes when all that was asked before is written; the last of a burst reads back what then lies there. */
async function inTurn<T>(write: () => Promise<T>): Promise<T> {
  underWay += 1;
  useLocker.setState({ isWriting: true });
  const turn = last.then(write, write);
  last = turn.catch(() => undefined);
  try {
    return await turn;
  } finally {
    underWay -= 1;
    if (underWay === 0) {
      useLocker.setState({ isWriting: false });
      await useLocker.getState().load();
    }
  }
}

/** The list with this item in it, in the place of the one it follows. */
function withItem(items: readonly LockerItem[], item: LockerItem): LockerItem[] {
  const isKnown = items.some((known) => known.part.id === item.part.id);
  return isKnown ? items.map((known) => (known.part.id === item.part.id ? item : known)) : [item, ...items];
}

/** The locker as it lies in the browser. */
export const useLocker = create<LockerState>()((set, get) => ({
  items: [],
  spoilt: [],
  parts: starterLocker,
  costs: new Map(),
  isWriting: false,
  load: async () => {
    set(stateOf(await repository.list()));
  },
  save: async (item) => {
    const problem = partProblem(item.part, item.part.name);
    if (problem) return refuse(`The sheet of ${item.part.name} cannot be kept`, problemText(problem));
    const { items, spoilt } = get();
    const seen = items.find((known) => known.part.id === item.part.id);
    // Shown at once: a second change in a sheet is made to this one, not to what lies in the store by then.
    set(stateOf({ items: withItem(items, item), spoilt: [...spoilt] }));
    const clashes = await inTurn(() => repository.save(item, seen));
    if (clashes.length > 0) tell('Changed in two windows at once', clashWords(clashes));
  },
  saveAll: async (items) => {
    await inTurn(() => repository.saveAll(items));
  },
  remove: async (partId) => {
    await inTurn(() => repository.remove(partId));
  },
}));

const textOf = ({ photo: _, ...rest }: LockerItem): string => JSON.stringify(rest);

/** Photographs are compared as they are: as parts of one long text, many of them held the screen up. */
const areAlike = (some: readonly LockerItem[], others: readonly LockerItem[]): boolean =>
  some.length === others.length &&
  some.every((item, n) => item.photo === others[n]!.photo && textOf(item) === textOf(others[n]!));

function askBeforeLoss(event: BeforeUnloadEvent): void {
  if (underWay > 0) event.preventDefault();
}

/**
 * Takes in what other windows change in the locker, and asks before the page is left with a change that is not
 * stored. Returns a function that stops it.
 */
export function followLocker(): () => void {
  window.addEventListener('beforeunload', askBeforeLoss);
  const stopWatching = repository.watch((stored) => {
    // The last write of a burst reads back what others wrote meanwhile.
    if (underWay > 0) return;
    // What this window wrote itself it has read already.
    if (!areAlike(stored.items, useLocker.getState().items)) useLocker.setState(stateOf(stored));
  });
  return () => {
    window.removeEventListener('beforeunload', askBeforeLoss);
    stopWatching();
  };
}
