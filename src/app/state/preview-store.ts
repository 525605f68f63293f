import { create } from 'zustand';
import type { CheckResult } from '../../core/check/check-result';

/** The put-right being looked at, so that the hull can show where the water would stand. */
export const usePreviewStore = create<{
  after: CheckResult | undefined;
  show: (after: CheckResult | undefined) => void;
}>()((set) => ({ after: undefined, show: (after) => set({ after }) }));
