import type { Edit } from './edits';

/** A named group of edits that is applied and undone as one. */
export interface Patch {
  /** Stable for the same change to the same build: `set-volts:port-controller:5`. */
  id: string;
  /** What the button says: an instruction. */
  label: string;
  edits: Edit[];
}
