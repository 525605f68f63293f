import { create } from 'zustand';
import type { PatchPreview } from '../../core/check/preview';

/** The put-right being looked at, so that the hull can show where the water would stand. */
export const usePreviewStore = create<{
  shown: PatchPreview | undefined;
  show: (shown: PatchPreview | undefined) => void;
}>()((set) => ({ shown: undefined, show: (shown) => set({ shown }) }));
