import { defineEdit } from './edit';
import { change } from './draft';

/** Tells whether a lead goes through a hole before its plug is fitted. */
export interface SetThreaded {
  type: 'setThreaded';
  lead: string;
  isThreaded: boolean;
}

export const setThreaded = defineEdit<SetThreaded>({
  apply: (build, { lead, isThreaded }) => change(build.leads, lead, { isThreaded }),
  words: ({ lead, isThreaded }, say) =>
    `Lead ${say.lead(lead)}: ${isThreaded ? 'led through before its plug is fitted' : 'with its plug on'}`,
});
