import { connectorFamily } from '../../model/connectors/families';
import type { Edit } from '../../model/plan/edits';
import type { BuildIndex } from '../../model/plan/build-index';
import { mating, type Connector } from '../../model/connectors/mating';
import type { Reading } from '../../reading/build-reading/reading';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { PortSpec } from '../../model/parts/port';
import { mostIdLength } from '../../model/plan/fresh-id';
import type { Lead, PortRef } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';

/** Kinds whose plugs hang on leads of their own, and can be cut off; a receiver's pins are on its board. */
const hasOwnLead = (part: PartSpec): boolean => part.kind !== 'receiver' && part.kind !== 'motor';

/**
 * Whether the plugs of a part may be cut off for good: a pack keeps its own, another would no longer fit its charger
 * and its fellows; rows of pins of a board are no plugs.
 */
export const canCutPlug = (part: PartSpec): boolean =>
  hasOwnLead(part) && part.kind !== 'pack' && part.kind !== 'board';

/** How the id of a sheet ends that has another plug than the one that it came from. */
const replugged = '-replugged';

/** Fits the other side's kind of plug to one end of a lead whose connectors do not go together. */
export function offerOtherPlug(context: Reading, lead: Lead): Patch[] {
  return [
    [lead.from, lead.to],
    [lead.to, lead.from],
  ].flatMap(([here, there]) => replug(context, lead, here!, there!));
}

function replug({ index }: Reading, lead: Lead, here: PortRef, there: PortRef): Patch[] {
  const { fitting, part } = index.get(here.fitting);
  const [own, other] = [index.port(here), index.port(there)];
  if (!hasOwnLead(part) || own.pins.length > connectorFamily(other.connector.family).poles) return [];
  // A pack keeps its plug: another would no longer fit its charger and its fellows.
  if (part.kind === 'pack') return [];
  const connector = {
    family: other.connector.family,
    gender: other.connector.gender === 'plug' ? ('socket' as const) : ('plug' as const),
  };
  if (mating(connector, other.connector).result !== 'mates') return [];
  const changed = withPort(part, own, { ...own, connector });
  return [
    {
      id: `re-terminate:${lead.id}:${here.fitting}`,
      label: `Fit a ${connectorFamily(connector.family).name} to the ${fitting.name}`,
      edits: [{ type: 'swapPart', fitting: fitting.id, part: changed }],
    },
  ];
}

/** The edit that fits another connector to a port of a fitting's part. */
export function fitPlug(index: BuildIndex, ref: PortRef, connector: Connector): Edit {
  const port = index.port(ref);
  return {
    type: 'swapPart',
    fitting: ref.fitting,
    part: withPort(index.get(ref.fitting).part, port, { ...port, connector }),
  };
}

/** A part of its own with another port: the sheet that others use stays as it is. */
function withPort(part: PartSpec, old: PortSpec, port: PortSpec): PartSpec {
  const ports = part.ports.map((plug) => (plug === old ? port : plug));
  const isOwn = part.id.endsWith(replugged);
  return {
    ...part,
    id: isOwn ? part.id : `${part.id.slice(0, mostIdLength - 12)}${replugged}`,
    name: isOwn ? part.name : `${part.name.slice(0, 66)}, other plug`,
    ports,
  };
}
