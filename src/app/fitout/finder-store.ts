import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Evidence } from '../../core/bench/faults/finder';

/** A search for what is wrong: what was seen so far, what cannot be done, what it was not. */
interface Search {
  /** The step that did not do what it says. */
  step: string;
  evidence: readonly Evidence[];
  skipped: readonly string[];
  /** Faults that were put right, and it was not that. */
  excluded: readonly string[];
}

export type ChangeSearch = (what: Partial<Omit<Search, 'step'>>) => void;

interface FinderState {
  /** By stored build, so that several can be looked into at once. */
  searches: Readonly<Record<string, Search>>;
  /** Goes on with the search of a step, or begins it. */
  change: (key: string, step: string, change: Partial<Omit<Search, 'step'>>) => void;
  end: (key: string) => void;
}

/** Searches under way, remembered in this browser: a person goes on with one the next evening. */
export const useFinder = create<FinderState>()(
  persist(
    (set) => ({
      searches: {},
      change: (key, step, change) =>
        set(({ searches }) => ({
          searches: { ...searches, [key]: { ...searchOf(searches[key], step), ...change } },
        })),
      end: (key) =>
        set(({ searches }) => {
          const { [key]: _, ...others } = searches;
          return { searches: others };
        }),
    }),
    { name: 'dry-hull-searches', version: 0 },
  ),
);

const fresh = { evidence: [], skipped: [], excluded: [] };

/** The search of a step; a fresh one where another step, or none, is looked into. */
export const searchOf = (search: Search | undefined, step: string): Search =>
  search?.step === step ? search : { step, ...fresh };
