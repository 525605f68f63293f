import { isObject } from '../../base/validation/is-object';
import {
  loomSizes,
  portHeight,
  touchedNodes,
  type LoomModel,
  type LoomNode,
  type LoomPort,
} from './loom-model';

/** The part of the layered-layout library's JSON that is used here, both ways. */
export interface ElkGraph {
  id: string;
  layoutOptions: Record<string, string>;
  children: ElkBox[];
  edges: ElkEdge[];
  width?: number;
  height?: number;
}

export interface ElkBox {
  id: string;
  width: number;
  height: number;
  x?: number;
  y?: number;
  layoutOptions: Record<string, string>;
  ports: ElkPort[];
}

interface ElkPort {
  id: string;
  width: number;
  height: number;
  x?: number;
  y?: number;
  layoutOptions: Record<string, string>;
}

interface ElkEdge {
  id: string;
  sources: string[];
  targets: string[];
  sections?: { startPoint: Point; endPoint: Point; bendPoints?: Point[] }[];
}

export interface Point {
  x: number;
  y: number;
}

/** Whether something is what was asked for with a place for every box and port, and a way for every line: a store may be spoilt. */
export function isLaidOut(asked: ElkGraph, found: unknown): found is ElkGraph {
  if (!isObject(found) || !Array.isArray(found.children) || !Array.isArray(found.edges)) return false;
  const byId = (all: readonly unknown[]) =>
    new Map(all.flatMap((each) => (isObject(each) ? [[each.id, each] as const] : [])));
  const [boxes, edges] = [byId(found.children), byId(found.edges)];
  return (
    isNumbers(found, 'width', 'height') &&
    asked.children.every(({ id, ports }) => {
      const box = boxes.get(id);
      if (!box || !isNumbers(box, 'x', 'y', 'width', 'height') || !Array.isArray(box.ports)) return false;
      const places = byId(box.ports as unknown[]);
      return ports.every((port) => isNumbers(places.get(port.id), 'x', 'y'));
    }) &&
    asked.edges.every(({ id }) => {
      const sections = edges.get(id)?.sections;
      return (
        Array.isArray(sections) &&
        sections.every((section) => {
          if (!isObject(section)) return false;
          const { startPoint, endPoint, bendPoints = [] } = section;
          return (
            Array.isArray(bendPoints) &&
            [startPoint, endPoint, ...(bendPoints as unknown[])].every((point) => isNumbers(point, 'x', 'y'))
          );
        })
      );
    })
  );
}

const isNumbers = (data: unknown, ...keys: string[]): boolean =>
  isObject(data) && keys.every((key) => Number.isFinite(data[key]));

const options = {
  'elk.algorithm': 'layered',
  'elk.direction': 'RIGHT',
  'elk.edgeRouting': 'ORTHOGONAL',
  'elk.layered.spacing.nodeNodeBetweenLayers': '19',
  'elk.layered.spacing.edgeNodeBetweenLayers': '12',
  'elk.layered.spacing.edgeEdgeBetweenLayers': '14',
  'elk.spacing.nodeNode': '16',
  'elk.spacing.edgeNode': '16',
  'elk.spacing.edgeEdge': '17',
  'elk.spacing.componentComponent': '30',
  // Parts that hang together by themselves stand in the columns of the others.
  'elk.separateConnectedComponents': 'false',
  'elk.padding': '[left=4,top=26,right=4,bottom=8]',
  'elk.layered.nodePlacement.strategy': 'NETWORK_SIMPLEX',
  'elk.layered.crossingMinimization.strategy': 'LAYER_SWEEP',
  // Parts that have a position keep their order in a column; all others stand where they cross least.
  'elk.layered.crossingMinimization.semiInteractive': 'true',
  'elk.layered.thoroughness': '30',
  'elk.randomSeed': '7',
};

/** Apart, so that the order is read from the positions whatever the heights. */
const rankPitch = 100;

/**
 * The layout task for a wiring picture: boxes with ports on their sides, and bundles between them.
 * @param order parts in the order that a person moved them to, from the top
 */
export function elkGraph(model: LoomModel, order: readonly string[] = []): ElkGraph {
  const rank = new Map(order.map((id, n) => [id, n]));
  // What no lead touches lies in the tray.
  const touched = touchedNodes(model);
  const nodes = model.nodes.filter(({ id }) => touched.has(id));
  const known = new Set(nodes.map((node) => node.id));
  return {
    id: 'loom',
    layoutOptions: options,
    children: nodes.map((node) => elkBox(node, rank.get(node.id))),
    edges: model.leads
      .filter(({ source, target }) => known.has(source.node) && known.has(target.node))
      .map(({ id, source, target }) => ({
        id,
        sources: [elkPortId(source.node, source.port)],
        targets: [elkPortId(target.node, target.port)],
      })),
  };
}

export const elkPortId = (node: string, port: string): string => `${node}.${port}`;

function elkBox(node: LoomNode, rank: number | undefined): ElkBox {
  const layoutOptions: Record<string, string> = {
    'elk.portConstraints': node.keepsOrder ? 'FIXED_POS' : 'FIXED_SIDE',
    'elk.spacing.portPort': String(loomSizes.portGap),
    ...(rank !== undefined && { 'elk.position': `(0,${rank * rankPitch})` }),
  };
  // What is served stands in one column at the right, however many cables lead there.
  if (node.column === 'served' && node.ports.some((port) => port.pins.length === 3)) {
    layoutOptions['elk.layered.layering.layerConstraint'] = 'LAST';
  }
  if (node.column === 'pack') layoutOptions['elk.layered.layering.layerConstraint'] = 'FIRST';
  return { id: node.id, width: node.width, height: node.height, layoutOptions, ports: elkPorts(node) };
}

function elkPorts(node: LoomNode): ElkPort[] {
  const nextY = { left: firstPortY(node), right: firstPortY(node) };
  return node.ports.map((port) => {
    const y = nextY[port.side];
    nextY[port.side] += portHeight(port) + loomSizes.portGap;
    const x = port.side === 'left' ? -loomSizes.pinSize : node.width;
    return { ...elkPort(node, port), ...(node.keepsOrder && { x, y }) };
  });
}

const firstPortY = (node: LoomNode): number =>
  loomSizes.titleHeight + node.lines.length * loomSizes.lineHeight + loomSizes.padding;

function elkPort(node: LoomNode, port: LoomPort): ElkPort {
  return {
    id: elkPortId(node.id, port.id),
    width: loomSizes.pinSize,
    height: portHeight(port),
    layoutOptions: { 'elk.port.side': port.side === 'left' ? 'WEST' : 'EAST' },
  };
}
