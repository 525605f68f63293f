import { create } from 'zustand';

interface HelpState {
  isOpen: boolean;
  open: () => void;
  close: () => void;
}

/** Whether help lies over the screen. */
export const useHelp = create<HelpState>()((set) => ({
  isOpen: false,
  open: () => set({ isOpen: true }),
  close: () => set({ isOpen: false }),
}));
