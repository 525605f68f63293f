import { create } from 'zustand';
import type { PatchPreview } from '../../core/judgement/check/preview';
import type { CheckResult } from '../../core/judgement/check/check-result';

interface PreviewState {
  /** The put-right being looked at, so that the hull can show where the water would stand. */
  shown: PatchPreview | undefined;
  show: (shown: PatchPreview | undefined) => void;
  /** The wells while something is being moved and has not been put down. */
  underWay: CheckResult['wells'] | undefined;
}

export const usePreviewStore = create<PreviewState>()((set) => ({
  shown: undefined,
  show: (shown) => set({ shown }),
  underWay: undefined,
}));
