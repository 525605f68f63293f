import { create } from 'zustand';

interface RecentState {
  /** Ids of what was chosen last, latest first. */
  ids: readonly string[];
  add: (id: string) => void;
}

const kept = 5;

/** What was chosen from the commands in this window. */
export const useRecent = create<RecentState>()((set) => ({
  ids: [],
  add: (id) => set(({ ids }) => ({ ids: [id, ...ids.filter((each) => each !== id)].slice(0, kept) })),
}));
