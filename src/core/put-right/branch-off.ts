import type { FreePort } from '../survey/build-index';
import type { Edit } from '../plan/edits';
import { freshId } from '../plan/fresh-id';
import type { Lead } from '../plan/lead';
import type { NodeId } from '../survey/nets';
import { straightLead } from '../plan/straight-lead';
import { mating } from '../connectors/mating';
import type { CableSpec } from '../parts/cable';
import type { PortSpec } from '../parts/port';
import type { CheckContext } from '../findings/context';

/** Edits that open a new outlet, and the outlet. */
export interface Branch {
  edits: Edit[];
  outlet: FreePort;
}

/**
 * Puts a harness from the locker into a lead that carries a node, so that it gains an outlet for a plug;
 * `undefined` where no harness fits both ends of any such lead and the plug.
 */
export function branchOff(context: CheckContext, node: NodeId, plug: PortSpec): Branch | undefined {
  const harnesses = context.locker.filter(
    (part): part is CableSpec => part.kind === 'cable' && part.form === 'harness',
  );
  for (const lead of context.build.leads) {
    if (!carries(context, lead, node)) continue;
    for (const harness of harnesses) {
      const branch = insertHarness(context, lead, harness, plug);
      if (branch) return branch;
    }
  }
  return undefined;
}

function carries({ index, survey }: CheckContext, lead: Lead, node: NodeId): boolean {
  const plus = index.port(lead.from).pins.find((pin) => pin.name === 'plus');
  return (
    plus !== undefined &&
    lead.conductors.some((conductor) => conductor.from === 'plus' && conductor.state === 'whole') &&
    survey.nets.node(lead.from.fitting, plus.net) === node
  );
}

function insertHarness(
  { build, index }: CheckContext,
  lead: Lead,
  harness: CableSpec,
  plug: PortSpec,
): Branch | undefined {
  const [from, to] = [index.port(lead.from), index.port(lead.to)];
  const mates = (port: PortSpec, other: PortSpec) =>
    mating(port.connector, other.connector).result === 'mates';
  const inlet = harness.ports.find((port) => port.flow === 'in' && mates(from, port));
  const onward = harness.ports.find((port) => port.flow === 'out' && mates(port, to));
  const spare = harness.ports.find((port) => port.flow === 'out' && port !== onward && mates(port, plug));
  if (!inlet || !onward || !spare) return undefined;
  const id = freshId(build, 'harness');
  const at = (port: PortSpec) => ({ ref: { fitting: id, port: port.id }, port });
  return {
    edits: [
      { type: 'removeLead', lead: lead.id },
      {
        type: 'addFitting',
        fitting: { id, name: 'power harness', part: harness.id },
        part: harness,
      },
      {
        type: 'addLead',
        lead: {
          ...lead,
          ...straightLead(freshId(build, `${lead.id}-head`), { ref: lead.from, port: from }, at(inlet)),
        },
      },
      { type: 'addLead', lead: { ...lead, from: { fitting: id, port: onward.id } } },
    ],
    outlet: at(spare),
  };
}
