import type { Lead } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import type { Reading } from '../../reading/build-reading/reading';
import { insertCable } from './insert-cable';

/** Puts an adapter from the locker between the two ends of a lead whose connectors do not go together. */
export function offerAdapters(context: Reading, lead: Lead): Patch[] {
  return context.locker.flatMap((part): Patch[] => {
    if (part.kind !== 'cable' || part.form !== 'adapter') return [];
    const edits = insertCable(context, lead, part, 'adapter');
    return edits
      ? [{ id: `adapter:${lead.id}:${part.id}`, label: `Put in between: ${part.name}`, edits }]
      : [];
  });
}
