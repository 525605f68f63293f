import { defineEdit } from './edit';
import type { PortRef } from '../lead';
import { change } from './draft';

/** Plugs one end of a lead in elsewhere. */
export interface MoveLeadEnd {
  type: 'moveLeadEnd';
  lead: string;
  end: 'from' | 'to';
  port: PortRef;
}

export const moveLeadEnd = defineEdit<MoveLeadEnd>({
  apply: (build, { lead, end, port }) => change(build.leads, lead, { [end]: port }),
  words: ({ lead, port }, say) => `Lead ${say.lead(lead)}: to ${say.port(port)}`,
});
