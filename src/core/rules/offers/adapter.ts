import { freshId } from '../../build/fresh-id';
import type { Lead } from '../../build/lead';
import type { Patch } from '../../build/patch';
import { mating } from '../../connectors/mating';
import type { CheckContext } from '../rule';

/** Puts an adapter from the locker between the two ends of a lead whose connectors do not go together. */
export function offerAdapters({ build, index, locker }: CheckContext, lead: Lead): Patch[] {
  const [one, other] = [index.port(lead.from), index.port(lead.to)];
  return locker.flatMap((part): Patch[] => {
    const [a, b] = part.ports;
    if (part.kind !== 'cable' || part.form !== 'adapter' || !a || !b) return [];
    const goes = (first: typeof a, second: typeof a) =>
      mating(one.connector, first.connector).result === 'mates' &&
      mating(second.connector, other.connector).result === 'mates';
    const [near, far] = goes(a, b) ? [a, b] : goes(b, a) ? [b, a] : [];
    if (!near || !far) return [];
    const id = freshId(build, `${lead.id}-adapter`);
    const straight = lead.conductors.map((wire) => ({ ...wire, to: wire.from }));
    return [
      {
        id: `adapter:${lead.id}:${part.id}`,
        label: `Put in between: ${part.name}`,
        edits: [
          { type: 'removeLead', lead: lead.id },
          { type: 'addFitting', fitting: { id, name: 'adapter', part: part.id }, part },
          { type: 'addLead', lead: { ...lead, to: { fitting: id, port: near.id }, conductors: straight } },
          {
            type: 'addLead',
            lead: { ...lead, id: freshId(build, `${lead.id}-tail`), from: { fitting: id, port: far.id } },
          },
        ],
      },
    ];
  });
}
