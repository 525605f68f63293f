import type { Build } from '../build/build';
import type { Edit } from '../build/edits';
import type { PortRef } from '../build/lead';

/** One reviewable step of a proposal: taken or refused as a whole. */
export interface Proposal {
  id: string;
  label: string;
  edits: Edit[];
  isRefused: boolean;
}

export interface WiringPlan {
  proposals: Proposal[];
  /** What could not be wired, and why. */
  unsolved: string[];
  /** The build with everything that was not refused. */
  build: Build;
}

/** Adds a step to the plan, and to its build unless refused. */
export type Offer = (id: string, label: string, edits: Edit[]) => void;

/** Adds the step that joins two ports, or says why it cannot be. */
export type Join = (id: string, label: string, from: PortRef, to: PortRef) => void;
