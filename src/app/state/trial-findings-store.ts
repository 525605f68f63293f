import { create } from 'zustand';
import type { Build } from '../../core/build/build';
import type { Finding } from '../../core/check/finding';

interface TrialFindings {
  /** The build that was rehearsed; findings hold for it and for no other. */
  build: Build | undefined;
  findings: readonly Finding[];
}

/** What the last outing of the open build found. */
export const useTrialFindings = create<TrialFindings>()(() => ({ build: undefined, findings: [] }));
