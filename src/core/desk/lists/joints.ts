import { outerDiameter } from '../../base/conductors/wire';
import { connectorFamily, type ConnectorFamilyId } from '../../model/connectors/families';
import { mating, type Connector, type Gender } from '../../model/connectors/mating';
import type { Reading } from '../../reading/build-reading/reading';
import { isJoined, type Lead, type PortRef } from '../../model/plan/lead';

const spliceIn = (
  lead: Lead,
  wires: Joint['wires'],
  shrinkMillimetres: Joint['shrinkMillimetres'],
): Joint => ({
  isSplice: true,
  lead,
  connector: undefined,
  at: lead.from,
  wires,
  shrinkMillimetres,
});

/** Something to solder on a lead: two ends of wire, or a connector onto an end. */
export interface Joint {
  /** Whether it joins wires of the lead that were cut. */
  isSplice: boolean;
  lead: Lead;
  /** The connector that a bare end needs so that it goes into what is at the other end; none for wire to wire. */
  connector: Connector | undefined;
  /** The end that is soldered; the first one for wire to wire. */
  at: PortRef;
  wires: Lead['conductors'];
  /** Inner diameter of heat shrink that slides over it, in millimetres; `undefined` where no gauge is known. */
  shrinkMillimetres: number | undefined;
}

/** Inner diameters that heat shrink is sold in, in millimetres. */
const soldShrink = [1.5, 2, 3, 4, 5, 6, 8, 10, 12, 16] as const;
/** Tubing must slide over the joint, which is thicker than the lead; rule of thumb. */
const over = 1.3;

/** Everything that has to be soldered, lead by lead. */
export function joints({ build, index }: Reading): Joint[] {
  return build.leads.flatMap((lead): Joint[] => {
    const [a, b] = [index.port(lead.from).connector, index.port(lead.to).connector];
    const least = lead.awg === undefined ? undefined : outerDiameter(lead.awg) * over;
    const shrinkMillimetres =
      least === undefined ? undefined : (soldShrink.find((size) => size >= least) ?? soldShrink.at(-1));
    const spliced = lead.conductors.filter(({ state }) => state === 'spliced');
    const splices = spliced.length > 0 ? [spliceIn(lead, spliced, shrinkMillimetres)] : [];
    if (mating(a, b).result !== 'solder') return splices;
    const isBare = ({ family }: Connector) => connectorFamily(family).form === 'open';
    const [bare, plug] = isBare(a) ? [lead.from, b] : [lead.to, a];
    const wanted: Connector | undefined = isBare(plug)
      ? undefined
      : { family: plug.family, gender: counterpart[plug.gender] };
    return [
      ...splices,
      {
        isSplice: false,
        lead,
        connector: wanted,
        at: bare,
        wires: lead.conductors.filter(isJoined),
        shrinkMillimetres,
      },
    ];
  });
}

const counterpart: Record<Gender, Gender> = { plug: 'socket', socket: 'plug', none: 'none' };

/** Contacts of a family that are soldered one by one: round bullets have one pole each. */
export const piecesFor = (family: ConnectorFamilyId, wires: number): number =>
  connectorFamily(family).poles === 1 ? wires : 1;
