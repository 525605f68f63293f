import { defineEdit } from './edit';
import type { Lead } from '../lead';

/** Joins two ports by a lead. */
export interface AddLead {
  type: 'addLead';
  lead: Lead;
}

export const addLead = defineEdit<AddLead>({
  apply: (build, { lead }) => {
    build.leads.push(lead);
  },
  words: ({ lead }, say) => `Plug ${say.port(lead.from)} into ${say.port(lead.to)}`,
});
