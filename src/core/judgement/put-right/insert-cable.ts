import type { Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { Lead } from '../../model/plan/lead';
import { mating } from '../../model/connectors/mating';
import type { CableSpec } from '../../model/kinds/cable/cable';
import { estimated } from '../../base/validation/figure';
import type { Reading } from '../../reading/build-reading/reading';

/** What is put into a lead is short. */
const shortMetres = estimated(0.05, 'usual length of an adapter or a fuse holder');

/**
 * The edits that put a cable with two ends into a lead, whichever way round it fits; `undefined` where its
 * plugs do not go together with both ends of the lead.
 */
export function insertCable(
  { build, index }: Reading,
  lead: Lead,
  part: CableSpec,
  name: string,
): Edit[] | undefined {
  const [port, other] = [index.port(lead.from), index.port(lead.to)];
  const [a, b] = part.ports;
  if (!a || !b) return undefined;
  const goes = (first: typeof a, second: typeof a) =>
    mating(port.connector, first.connector).result === 'mates' &&
    mating(second.connector, other.connector).result === 'mates';
  const [near, far] = goes(a, b) ? [a, b] : goes(b, a) ? [b, a] : [];
  if (!near || !far) return undefined;
  const id = freshId(build, `${lead.id}-${name}`);
  const straight = lead.conductors.map((wire) => ({ ...wire, to: wire.from }));
  return [
    { type: 'removeLead', lead: lead.id },
    { type: 'addFitting', fitting: { id, name, part: part.id }, part },
    { type: 'addLead', lead: { ...lead, to: { fitting: id, port: near.id }, conductors: straight } },
    {
      type: 'addLead',
      lead: {
        ...lead,
        id: freshId(build, `${lead.id}-tail`),
        from: { fitting: id, port: far.id },
        // An extension is as long as its sheet says; what it is plugged into adds nothing.
        metres: part.form === 'extension' && part.length ? part.length : shortMetres,
      },
    },
  ];
}
