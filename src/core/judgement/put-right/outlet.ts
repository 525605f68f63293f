import { mating } from '../../model/connectors/mating';
import type { Reading } from '../../reading/build-reading/reading';
import type { PortSpec } from '../../model/parts/port';
import type { Edit } from '../../model/plan/edits';
import { portKey, type FreePort } from '../../model/plan/build-index';
import type { NodeId } from '../../reading/survey/nets';
import type { PackGroup } from '../../reading/survey/pack-group';
import { branchOff } from './branch-off';

/** A place where a plug can take its power, and the edits that make it. */
export interface Outlet {
  edits: Edit[];
  outlet: FreePort;
}

/** A port with nothing plugged in, whose plus is on the node and which takes the plug; power inlets first. */
function freePortOn(
  { index, survey }: Reading,
  plug: PortSpec,
  node: NodeId,
  allowed: (port: PortSpec) => boolean,
): FreePort | undefined {
  const places = index.freePorts().filter(({ ref, port }) => {
    if (!allowed(port) || mating(port.connector, plug.connector).result !== 'mates') return false;
    const plus = port.pins.find((pin) => pin.name === 'plus');
    return plus !== undefined && survey.nets.node(ref.fitting, plus.net) === node;
  });
  return places.sort(
    (a, b) => inletRank(a) - inletRank(b) || portKey(a.ref).localeCompare(portKey(b.ref)),
  )[0];
}

/** A free power outlet of the packs for a plug, or one that a harness of the locker makes. */
export function packOutlet(context: Reading, packs: PackGroup, plug: PortSpec): Outlet | undefined {
  const { nets } = context.survey;
  const nodes = new Set(packs.packs.map((pack) => nets.node(pack.fitting.id, 'plus')));
  for (const node of nodes) {
    const free = freePortOn(context, plug, node, (port) => port.use === 'power' && port.flow === 'out');
    const found = free ? { edits: [], outlet: free } : branchOff(context, node, plug);
    if (found) return found;
  }
  return undefined;
}

/** A free place on a rail for a plug that feeds it, or one that a Y-lead of the locker makes beside a servo. */
export function railInlet(context: Reading, plug: PortSpec, rail: NodeId): Outlet | undefined {
  const free = freePortOn(context, plug, rail, (port) => port.use === 'servo' && port.flow !== 'out');
  return free ? { edits: [], outlet: free } : branchOff(context, rail, plug, 'yLead');
}

const inletRank = ({ port }: FreePort): number => (port.flow === 'in' ? 0 : 1);
