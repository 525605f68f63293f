import { farEnd } from '../../model/plan/build-index';
import { carrierId } from '../../model/fitting/component-id';
import type { Edit } from '../../model/plan/edits';
import type { Lead, PortRef } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import type { PortSpec } from '../../model/parts/port';
import type { Reading } from '../../reading/build-reading/reading';

/** Moves the plug in one receiver port to another, and what is in that one back. */
export function offerMovedPlug({ index }: Reading, here: PortRef, to: PortSpec): Patch[] {
  const there = { fitting: carrierId(here.fitting), port: to.id };
  const lead = index.leadAt(here);
  if (!lead) return [];
  const other = index.leadAt(there);
  const device = index.get(farEnd(lead, here).fitting).fitting.name;
  const edits: Edit[] = [move(lead, here, there)];
  if (other) edits.push(move(other, there, { ...here, fitting: carrierId(here.fitting) }));
  const back = other && index.get(farEnd(other, there).fitting).fitting.name;
  return [
    {
      id: `move-plug:${here.fitting}:${here.port}:${to.id}`,
      label: back
        ? `Swap the plugs of the ${device} (to port ${to.id}) and the ${back} (to port ${here.port})`
        : `Move the plug of the ${device} to port ${to.id}`,
      edits,
    },
  ];
}

function move(lead: Lead, from: PortRef, to: PortRef): Edit {
  const isFrom = lead.from.fitting === carrierId(from.fitting) && lead.from.port === from.port;
  const end = isFrom ? 'from' : 'to';
  return { type: 'moveLeadEnd', lead: lead.id, end, port: to };
}
