import { defineEdit } from './edit';
import type { Brief } from '../brief';
import { changeWords } from './change-words';

/** Changes what the model must do, and its limits. */
export interface SetBrief {
  type: 'setBrief';
  change: Partial<Brief>;
}

export const setBrief = defineEdit<SetBrief>({
  apply: (build, { change }) => {
    Object.assign(build.brief, change);
  },
  words: ({ change }) => `Brief: ${changeWords(change)}`,
});
