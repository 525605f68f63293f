import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface GuideState {
  isOpen: boolean;
  open: () => void;
  close: () => void;
}

/** Whether the first-run guide is shown; remembered in this browser, and recalled from the commands. */
export const useGuide = create<GuideState>()(
  persist(
    (set) => ({
      isOpen: true,
      open: () => set({ isOpen: true }),
      close: () => set({ isOpen: false }),
    }),
    { name: 'dry-hull-guide' },
  ),
);
