import { defineEdit } from './edit';
import { dropWhere } from '../edit-aftermath';
import type { Acceptance } from '../records';

/** Accepts a finding, with its reason. */
export interface Accept {
  type: 'accept';
  acceptance: Acceptance;
}

export const accept = defineEdit<Accept>({
  apply: (build, { acceptance }) => {
    dropWhere(build.acceptances, ({ finding }) => finding === acceptance.finding);
    build.acceptances.push(acceptance);
  },
  words: () => 'Accept the finding',
});
