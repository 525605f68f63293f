import { elkPortId, type ElkBox, type ElkGraph, type Point } from './elk-graph';
import {
  loomSizes,
  type LoomConductor,
  type LoomLead,
  type LoomModel,
  type LoomNode,
  type LoomPort,
} from './loom-model';
import { trayOf } from './tray';
import { wirePath } from './wire-path';

export interface PlacedPort extends LoomPort {
  /** Centre of each contact, from the top. */
  contacts: Point[];
}

export interface PlacedNode extends Omit<LoomNode, 'ports'>, Point {
  ports: PlacedPort[];
  /** No lead touches it: it lies in the tray. */
  isLoose: boolean;
}

export interface PlacedLead extends Omit<LoomLead, 'conductors'> {
  /** The middle of the bundle. */
  route: Point[];
  wires: (LoomConductor & { path: string })[];
}

/** A wiring picture ready to be drawn. */
export interface LoomLayout {
  width: number;
  height: number;
  nodes: PlacedNode[];
  leads: PlacedLead[];
  /** Where the head of the tray of loose parts stands; nothing where there are none. */
  tray: Point | undefined;
}

/** Puts the model onto the positions that the layout found. */
export function placeLoom(model: LoomModel, laidOut: ElkGraph): LoomLayout {
  const { width = 0, height = 0 } = laidOut.children.length > 0 ? laidOut : {};
  const tray = trayOf(model, { width, height });
  const loose = new Set(tray?.boxes.map(({ id }) => id));
  const boxes = new Map([...laidOut.children, ...(tray?.boxes ?? [])].map((box) => [box.id, box]));
  const routes = new Map(laidOut.edges.map((edge) => [edge.id, edge.sections?.[0]]));
  const nodes = model.nodes.flatMap((node) => {
    const box = boxes.get(node.id);
    return box ? [placeNode(node, box, loose.has(node.id))] : [];
  });
  const ports = new Map(
    nodes.flatMap((node) => node.ports.map((port) => [elkPortId(node.id, port.id), port])),
  );
  const leads = model.leads.flatMap((lead): PlacedLead[] => {
    const section = routes.get(lead.id);
    const source = ports.get(elkPortId(lead.source.node, lead.source.port));
    const target = ports.get(elkPortId(lead.target.node, lead.target.port));
    if (!section || !source || !target) return [];
    const route = [section.startPoint, ...(section.bendPoints ?? []), section.endPoint];
    return [{ ...lead, route, wires: placeWires(lead, route, source, target) }];
  });
  return {
    width: tray?.width ?? width,
    height: tray?.height ?? height,
    nodes,
    leads,
    tray: tray?.head,
  };
}

function placeNode(node: LoomNode, box: ElkBox, isLoose: boolean): PlacedNode {
  const { x = 0, y = 0 } = box;
  const ports = node.ports.map((port): PlacedPort => {
    const place = box.ports.find((elkPort) => elkPort.id === elkPortId(node.id, port.id));
    const left = x + (place?.x ?? 0) + loomSizes.pinSize / 2;
    const top = y + (place?.y ?? 0) + loomSizes.pinPitch / 2;
    return { ...port, contacts: port.pins.map((_, n) => ({ x: left, y: top + n * loomSizes.pinPitch })) };
  });
  return { ...node, x, y, height: box.height, ports, isLoose };
}

/** Wires keep the order of their contacts at the source; where the far order differs they cross at the plug. */
function placeWires(
  lead: LoomLead,
  route: Point[],
  source: PlacedPort,
  target: PlacedPort,
): PlacedLead['wires'] {
  const inOrder = [...lead.conductors].sort((a, b) => a.sourcePin - b.sourcePin);
  const middle = (inOrder.length - 1) / 2;
  return inOrder.flatMap((conductor, n) => {
    const start = source.contacts[conductor.sourcePin];
    const end = target.contacts[conductor.targetPin];
    if (!start || !end) return [];
    return [
      { ...conductor, path: wirePath(route, { offset: (n - middle) * loomSizes.wirePitch, start, end }) },
    ];
  });
}
