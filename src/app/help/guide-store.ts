import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { guides, type Person } from './guides';

interface GuideState {
  isOpen: boolean;
  /** Who is led; nobody has said yet where it is absent. */
  person: Person | undefined;
  /** Steps of that guide that are done. */
  done: number;
  /** Shows it from its beginning. */
  open: () => void;
  lead: (person: Person) => void;
  goOn: () => void;
  close: () => void;
}

/** The first-run guide, and how far it has come; remembered in this browser, recalled from help and the commands. */
export const useGuide = create<GuideState>()(
  persist(
    (set) => ({
      isOpen: true,
      person: undefined,
      done: 0,
      open: () => set({ isOpen: true, person: undefined, done: 0 }),
      lead: (person) => set({ person, done: 0 }),
      goOn: () =>
        set(({ person, done }) => ({ done: person ? Math.min(done + 1, guides[person].length) : 0 })),
      close: () => set({ isOpen: false }),
    }),
    {
      name: 'dry-hull-guide',
      version: 1,
      migrate: (kept) => ({ ...(kept as GuideState), person: undefined, done: 0 }),
    },
  ),
);
