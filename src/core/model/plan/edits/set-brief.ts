import { defineEdit } from './edit';
import type { Brief } from '../brief';

/** Changes what the model must do, and its limits. */
export interface SetBrief {
  type: 'setBrief';
  change: Partial<Brief>;
}

export const setBrief = defineEdit<SetBrief>({
  apply: (build, { change }) => {
    Object.assign(build.brief, change);
  },
  words: ({ change }, say) => `Brief: ${say.changes(change)}`,
});
