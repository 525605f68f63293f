import { defineEdit } from './edit';
import { forget } from '../edit-aftermath';
import { remove } from './draft';

/** Takes a lead off. */
export interface RemoveLead {
  type: 'removeLead';
  lead: string;
}

export const removeLead = defineEdit<RemoveLead>({
  apply: (build, { lead }) => {
    remove(build.leads, lead);
    forget(build, [lead]);
  },
  words: ({ lead }, say) => `Unplug ${say.lead(lead)}`,
});
