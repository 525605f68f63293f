import { defineEdit } from './edit';
import type { Conductor } from '../lead';
import { change } from './draft';

/** Tells the colours of a lead as they are read off it. */
export interface SetColours {
  type: 'setColours';
  lead: string;
  conductors: Conductor[];
}

export const setColours = defineEdit<SetColours>({
  apply: (build, { lead, conductors }) => change(build.leads, lead, { conductors, coloursRead: true }),
  words: ({ lead, conductors }, say) => `Lead ${say.lead(lead)}: ${say.conductors(conductors)}`,
});
