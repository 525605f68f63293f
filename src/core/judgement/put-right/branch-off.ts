import type { FreePort } from '../../model/plan/build-index';
import type { Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import { isJoined, type Lead, type PortRef } from '../../model/plan/lead';
import type { NodeId } from '../../reading/survey/nets';
import { straightLead } from '../../model/plan/straight-lead';
import { mating } from '../../model/connectors/mating';
import type { CableSpec } from '../../model/kinds/cable/cable';
import type { PortSpec } from '../../model/parts/port';
import type { Reading } from '../../reading/build-reading/reading';

/** Edits that open a new outlet, and the outlet. */
export interface Branch {
  edits: Edit[];
  outlet: FreePort;
}

/**
 * Puts a harness, or a Y-lead, from the locker into a lead that carries a node, so that it gains an outlet for a
 * plug; `undefined` where none fits both ends of any such lead and the plug, as far as is known.
 */
export function branchOff(
  context: Reading,
  node: NodeId,
  plug: PortSpec,
  form: 'harness' | 'yLead' = 'harness',
): Branch | undefined {
  const cables = context.locker.filter(
    (part): part is CableSpec => part.kind === 'cable' && part.form === form,
  );
  // One that surely mates goes before one whose plugs nobody has told yet.
  for (const accepted of [['mates'], ['mates', 'unknown']])
    for (const lead of context.build.leads) {
      if (!carries(context, lead, node)) continue;
      for (const cable of cables)
        for (const fed of [lead.to, lead.from]) {
          const branch = insert(context, lead, fed, cable, plug, accepted);
          if (branch) return branch;
        }
    }
  return undefined;
}

function carries({ index, survey }: Reading, lead: Lead, node: NodeId): boolean {
  const plus = index.port(lead.from).pins.find((pin) => pin.name === 'plus');
  return (
    plus !== undefined &&
    lead.conductors.some((conductor) => conductor.from === 'plus' && isJoined(conductor)) &&
    survey.nets.node(lead.from.fitting, plus.net) === node
  );
}

/**
 * @param fed the end of the lead that goes on behind the cable; the cable's inlet takes the other end's place
 * @param accepted how its plugs may mate
 */
function insert(
  { build, index }: Reading,
  lead: Lead,
  fed: PortRef,
  cable: CableSpec,
  plug: PortSpec,
  accepted: readonly string[],
): Branch | undefined {
  const feeding = fed === lead.to ? lead.from : lead.to;
  const [from, to] = [index.port(feeding), index.port(fed)];
  const mates = (port: PortSpec, other: PortSpec) =>
    accepted.includes(mating(port.connector, other.connector).result);
  const inlet = cable.ports.find((port) => port.flow === 'in' && mates(from, port));
  const onward = cable.ports.find((port) => port.flow === 'out' && mates(port, to));
  const spare = cable.ports.find((port) => port.flow === 'out' && port !== onward && mates(port, plug));
  if (!inlet || !onward || !spare) return undefined;
  const name = cable.form === 'yLead' ? 'rail Y-lead' : 'power harness';
  const id = freshId(build, cable.form === 'yLead' ? 'rail-y-lead' : 'harness');
  const at = (port: PortSpec) => ({ ref: { fitting: id, port: port.id }, port });
  const place = { fitting: id, port: onward.id };
  return {
    edits: [
      { type: 'removeLead', lead: lead.id },
      { type: 'addFitting', fitting: { id, name, part: cable.id }, part: cable },
      {
        type: 'addLead',
        lead: {
          ...lead,
          ...straightLead(freshId(build, `${lead.id}-head`), { ref: feeding, port: from }, at(inlet)),
        },
      },
      {
        type: 'addLead',
        lead: fed === lead.to ? { ...lead, from: place } : { ...lead, to: place },
      },
    ],
    outlet: at(spare),
  };
}
