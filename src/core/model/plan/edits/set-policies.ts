import { defineEdit } from './edit';
import type { Policies } from '../policies';
import { schools } from '../schools';

/** Takes another school where benches differ. */
export interface SetPolicies {
  type: 'setPolicies';
  change: Partial<Policies>;
}

function schoolWords(key: keyof Policies, value: unknown): string {
  const school = schools.find((candidate) => candidate.key === key);
  return `${school?.name ?? key} → ${school?.choices.find((choice) => choice.value === value)?.words ?? String(value)}`;
}

export const setPolicies = defineEdit<SetPolicies>({
  apply: (build, { change }) => {
    Object.assign(build.policies, change);
  },
  words: ({ change }) =>
    Object.entries(change)
      .map(([key, value]) => schoolWords(key as keyof Policies, value))
      .join('; '),
});
