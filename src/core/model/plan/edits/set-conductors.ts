import { defineEdit } from './edit';
import type { Conductor } from '../lead';
import { change } from './draft';

/** Lifts, cuts, splices or turns the wires of a lead. */
export interface SetConductors {
  type: 'setConductors';
  lead: string;
  conductors: Conductor[];
}

export const setConductors = defineEdit<SetConductors>({
  apply: (build, { lead, conductors }) => change(build.leads, lead, { conductors }),
  words: ({ lead, conductors }, say) => `Lead ${say.lead(lead)}: ${say.conductors(conductors)}`,
});
