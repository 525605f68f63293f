import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Bench } from './tokens';

interface BenchState {
  bench: Bench;
  toggle: () => void;
}

const preferred = (): Bench =>
  globalThis.matchMedia?.('(prefers-color-scheme: dark)').matches ? 'night' : 'day';

/** Day or night bench, remembered in this browser. */
export const useBench = create<BenchState>()(
  persist(
    (set) => ({
      bench: preferred(),
      toggle: () => set((state) => ({ bench: state.bench === 'day' ? 'night' : 'day' })),
    }),
    { name: 'dry-hull-bench' },
  ),
);
