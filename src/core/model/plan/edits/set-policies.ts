import { defineEdit } from './edit';
import type { Policies } from '../policies';

/** Takes another school where benches differ. */
export interface SetPolicies {
  type: 'setPolicies';
  change: Partial<Policies>;
}

export const setPolicies = defineEdit<SetPolicies>({
  apply: (build, { change }) => {
    Object.assign(build.policies, change);
  },
  words: ({ change }, say) =>
    Object.entries(change)
      .map(([key, value]) => say.school(key as keyof Policies, value))
      .join('; '),
});
