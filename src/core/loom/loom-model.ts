import { farEnd, type BuildIndex, type Fitted } from '../survey/build-index';
import type { Conductor, Lead } from '../plan/lead';
import type { PortSpec } from '../parts/port';
import type { CheckContext } from '../findings/context';
import { capital } from '../words/sentences';
import type { Column } from '../kinds/kind';
import { columnOf, feedDepths } from './column';
import { partLines } from './part-lines';

/** Sizes of the picture, in its own pixels. */
export const loomSizes = {
  partWidth: 146,
  receiverWidth: 112,
  inlineWidth: 20,
  titleHeight: 20,
  lineHeight: 14,
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
}

export interface LoomNode {
  id: string;
  title: string;
  lines: string[];
  column: Column | 'inline';
  ports: LoomPort[];
  width: number;
  height: number;
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

/** The wiring of a build as boxes with ports and leads with conductors; no positions yet. */
export function loomModel(context: CheckContext): LoomModel {
  const { index } = context;
  const depths = feedDepths(index);
  return {
    nodes: index.pieces().flatMap((fitted) => loomNode(context, depths, fitted) ?? []),
    leads: index.build.leads.map((lead) => loomLead(index, depths, lead)),
  };
}

function loomNode(
  context: CheckContext,
  depths: ReadonlyMap<string, number>,
  fitted: Fitted,
): LoomNode | undefined {
  const column = columnOf(fitted);
  if (column === 'outside') return undefined;
  const { fitting, part } = fitted;
  const keepsOrder = part.kind === 'receiver' || part.kind === 'board';
  const ports = part.ports.map((port) => loomPort(context.index, depths, fitting.id, port));
  const lines = partLines(context, fitted);
  const { titleHeight, lineHeight, padding, partWidth, receiverWidth, inlineWidth } = loomSizes;
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
      : part.kind === 'receiver'
        ? receiverWidth
        : Math.max(partWidth, labelsWidth(ports)),
    height: isInline
      ? Math.max(stacks, fitting.name.length * 6.3 + 12)
      : keepsOrder
        ? text + stacks
        : Math.max(text, stacks),
    keepsOrder,
  };
}

/** Width of a character of a port's label, and room between the labels of both sides. */
const labelPitch = 6.4;
const labelRoom = 46;

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
