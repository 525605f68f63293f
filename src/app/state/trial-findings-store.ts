import { create } from 'zustand';
import type { Build } from '../../core/model/plan/build';
import type { Finding } from '../../core/judgement/findings/finding';
import type { TrialFigures } from '../../core/desk/trial/trial-result';
import type { TrialTask } from '../../core/desk/trial/trial-task';

/** The outing that was looked at last, and the build it belongs to. */
export interface Rehearsal {
  recordKey: string;
  outingName: string;
  task: TrialTask;
}

interface TrialFindings {
  /** The build that was rehearsed; findings hold for it and for no other. */
  build: Build | undefined;
  findings: readonly Finding[];
  /** What that outing came to, by its name. */
  quoted: { outing: string; figures: TrialFigures } | undefined;
  /** What is rehearsed again whenever the build changes, whatever station is open. */
  rehearsal: Rehearsal | undefined;
}

/** What the last outing of the open build found. */
export const useTrialFindings = create<TrialFindings>()(() => ({
  build: undefined,
  findings: [],
  quoted: undefined,
  rehearsal: undefined,
}));
