import { farEnd, type BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { Conductor, Lead, PortRef } from '../../model/plan/lead';
import type { PortSpec } from '../../model/parts/port';
import type { Reading } from '../../reading/build-reading/reading';
import { capital } from '../../base/words/sentences';
import type { Column } from '../../model/kinds/kind';
import { columnOf, feedDepths } from './column';
import { partLines } from './part-lines';

/** Sizes of the picture, in its own pixels. */
export const loomSizes = {
  partWidth: 112,
  inlineWidth: 21,
  titleHeight: 21,
  lineHeight: 15,
  /** Widths of a character of a title and of a line of facts, and room at both sides of them. */
  titlePitch: 7.1,
  linePitch: 7.85,
  textRoom: 17,
  padding: 8,
  pinPitch: 8,
  pinSize: 7,
  portGap: 7,
  wirePitch: 4.4,
} as const;

export interface LoomPort {
  id: string;
  /** `1`, `B`, or the port's name. */
  label: string;
  side: 'left' | 'right';
  pins: PortSpec['pins'];
  /** Whether a lead is in it. */
  used: boolean;
  /** In a folded box: the port that this row stands for. */
  stands?: PortRef;
}

export interface LoomNode {
  id: string;
  title: string;
  lines: string[];
  column: Column | 'inline';
  ports: LoomPort[];
  width: number;
  height: number;
  /** Of a folded box: the parts that lie in it. */
  parts?: string[];
  /** Ports in their numbered order, as on the part; otherwise free to be ordered along their side. */
  keepsOrder: boolean;
}

export interface LoomLead {
  id: string;
  /** The end nearer to the pack comes first. */
  source: { node: string; port: string };
  target: { node: string; port: string };
  conductors: LoomConductor[];
}

/** A conductor with its contacts numbered from the top at both ends. */
export interface LoomConductor extends Pick<Conductor, 'colour' | 'state'> {
  sourcePin: number;
  targetPin: number;
}

export interface LoomModel {
  nodes: LoomNode[];
  leads: LoomLead[];
}

/** Ids of the parts that a lead touches; the others take no part in the layout, and lie in a tray. */
export const touchedNodes = ({ leads }: LoomModel): ReadonlySet<string> =>
  new Set(leads.flatMap(({ source, target }) => [source.node, target.node]));

/** The wiring of a build as boxes with ports and leads with conductors; no positions yet. */
export function loomModel(context: Reading): LoomModel {
  const { index } = context;
  const depths = feedDepths(index);
  return {
    nodes: alignedWidths(index.pieces().flatMap((fitted) => loomNode(context, depths, fitted) ?? [])),
    leads: index.build.leads.map((lead) => loomLead(index, depths, lead)),
  };
}

/** Boxes of one column as wide as its widest, so that they stand in line; boards and receivers are what they are. */
function alignedWidths(nodes: readonly LoomNode[]): LoomNode[] {
  const isPlain = ({ column, keepsOrder }: LoomNode) => column !== 'inline' && !keepsOrder;
  const widest = new Map<LoomNode['column'], number>();
  for (const node of nodes.filter(isPlain))
    widest.set(node.column, Math.max(widest.get(node.column) ?? 0, node.width));
  return nodes.map((node) => (isPlain(node) ? { ...node, width: widest.get(node.column)! } : node));
}

function loomNode(
  context: Reading,
  depths: ReadonlyMap<string, number>,
  fitted: Fitted,
): LoomNode | undefined {
  const column = columnOf(fitted);
  if (column === 'outside') return undefined;
  const { fitting, part } = fitted;
  const keepsOrder = part.kind === 'receiver' || part.kind === 'board';
  const ports = part.ports.map((port) => loomPort(context.index, depths, fitting.id, port));
  const lines = partLines(context, fitted);
  const { titleHeight, lineHeight, padding, partWidth, inlineWidth } = loomSizes;
  const text = titleHeight + lines.length * lineHeight + padding;
  const stacks = Math.max(stackHeight(ports, 'left'), stackHeight(ports, 'right')) + padding;
  const isInline = column === 'inline';
  return {
    id: fitting.id,
    title: capital(fitting.name),
    lines,
    column,
    ports,
    width: isInline
      ? inlineWidth
      : Math.max(partWidth, textWidth(fitting.name, lines), keepsOrder ? labelsWidth(ports) : 0),
    height: isInline
      ? Math.max(stacks, fitting.name.length * loomSizes.titlePitch + 12)
      : keepsOrder
        ? text + stacks
        : Math.max(text, stacks),
    keepsOrder,
  };
}

/** Width of a character of a port's label, and room between the labels of both sides. */
const labelPitch = 7.1;
const labelRoom = 46;

/** Longest name that a box grows for; a longer one is drawn closer, or cut. */
const mostTitle = 20;

/** Width that the name and the facts of a part need. */
const textWidth = (name: string, lines: readonly string[]): number => {
  const { titlePitch, linePitch, textRoom } = loomSizes;
  return (
    Math.max(Math.min(name.length, mostTitle) * titlePitch, ...lines.map((line) => line.length * linePitch)) +
    textRoom
  );
};

/** Width that the labels of both sides need, so that none runs into another. */
function labelsWidth(ports: readonly LoomPort[]): number {
  const longest = (side: LoomPort['side']) =>
    Math.max(0, ...ports.filter((port) => port.side === side).map(({ label }) => label.length));
  return (longest('left') + longest('right')) * labelPitch + labelRoom;
}

/** Height that the ports of one side need, one above the other. */
function stackHeight(ports: readonly LoomPort[], side: 'left' | 'right'): number {
  return ports
    .filter((port) => port.side === side)
    .reduce((sum, port) => sum + portHeight(port) + loomSizes.portGap, 0);
}

export const portHeight = (port: LoomPort): number => port.pins.length * loomSizes.pinPitch;

function loomPort(
  index: BuildIndex,
  depths: ReadonlyMap<string, number>,
  fittingId: string,
  port: PortSpec,
): LoomPort {
  const here = { fitting: fittingId, port: port.id };
  const lead = index.leadAt(here);
  const isFed = lead ? isDeeper(depths, fittingId, farEnd(lead, here).fitting) : port.flow === 'in';
  return {
    id: port.id,
    label: port.channel === undefined ? (port.id.length <= 2 ? port.id : port.name) : String(port.channel),
    side: isFed ? 'left' : 'right',
    pins: port.pins,
    used: lead !== undefined,
  };
}

/** Whether `one` stands further from the pack than `other`; ids break ties, so that a lead has one direction. */
function isDeeper(depths: ReadonlyMap<string, number>, id: string, other: string): boolean {
  const [a, b] = [depths.get(id) ?? Infinity, depths.get(other) ?? Infinity];
  return a === b ? id > other : a > b;
}

function loomLead(index: BuildIndex, depths: ReadonlyMap<string, number>, lead: Lead): LoomLead {
  const fromFeeds = isDeeper(depths, lead.to.fitting, lead.from.fitting);
  const [near, far] = fromFeeds ? (['from', 'to'] as const) : (['to', 'from'] as const);
  const pinNumber = (end: 'from' | 'to', conductor: Conductor) =>
    index.port(lead[end]).pins.findIndex((pin) => pin.name === conductor[end]);
  return {
    id: lead.id,
    source: { node: lead[near].fitting, port: lead[near].port },
    target: { node: lead[far].fitting, port: lead[far].port },
    conductors: lead.conductors.map((conductor) => ({
      colour: conductor.colour,
      state: conductor.state,
      sourcePin: pinNumber(near, conductor),
      targetPin: pinNumber(far, conductor),
    })),
  };
}
