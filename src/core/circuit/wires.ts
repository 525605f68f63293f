import { conductorOhms } from '../conductors/wire';
import { connectorFamily } from '../connectors/families';
import type { Element } from '../network/devices';
import type { PartSpec } from '../parts/part-spec';
import type { Lead } from '../plan/lead';
import { runKind, usualRun } from '../plan/usual-run';
import type { BuildIndex } from '../survey/build-index';
import type { Estimates } from './estimates';
import type { NodeNames } from './nodes';

/** Length and gauge taken for a lead that nobody measured, by what it is for. */
function usual(index: BuildIndex, lead: Lead) {
  const end = (ref: Lead['from']) => ({ ref, port: index.port(ref) });
  return usualRun[runKind(end(lead.from), end(lead.to))];
}

/** Ohms of one conductor of a lead, the contact at its plug included. */
function wireOhms(index: BuildIndex, lead: Lead, estimates: Estimates): number {
  const { metres: guess, awg } = usual(index, lead);
  const names = [lead.from, lead.to].map((end) => index.get(end.fitting).fitting.name);
  const metres = estimates.take(
    `${lead.id}.metres`,
    `length of the lead from the ${names.join(' to the ')}`,
    lead.metres,
    { value: guess, least: 0.6, most: 2, note: 'usual length of such a lead' },
  );
  const contacts = [lead.from, lead.to].map(
    (ref) => connectorFamily(index.port(ref).connector.family).contactOhms,
  );
  return conductorOhms(lead.awg ?? awg, metres) + Math.max(...contacts);
}

/** Volts that a fuse drops at the amps it is rated for, and ohms of a hand switch's contact: rules of thumb. */
const fuseVolts = 0.1;
const switchOhms = 0.01;

/** Ohms inside a fuse or a hand switch. */
function insideOhms(part: PartSpec): number {
  if (part.kind !== 'cable') return 0;
  if (part.form === 'switch') return switchOhms;
  return part.form === 'fuse' && part.maxAmps ? fuseVolts / part.maxAmps.value : 0;
}

/** Every wire in which current can flow, as a resistor named `<lead>.<contact>`. */
export function wireElements(index: BuildIndex, names: NodeNames, estimates: Estimates): Element[] {
  // What lies inside a fuse or a switch is counted in the plus of one of its leads: the first.
  const counted = new Set<string>();
  return index.build.leads.flatMap((lead): Element[] => {
    const wires = lead.conductors.flatMap((conductor) => {
      if (conductor.state !== 'whole') return [];
      const [from, to] = (['from', 'to'] as const).map((end) => {
        const net = index.port(lead[end]).pins.find((pin) => pin.name === conductor[end])?.net;
        return net === undefined ? undefined : { fitting: lead[end].fitting, net };
      });
      if (!from || !to || !names.isLive(from.fitting, from.net)) return [];
      return [
        {
          isPlus: conductor.from === 'plus',
          id: wireId(lead.id, conductor.from),
          from: names.node(from.fitting, from.net),
          to: names.node(to.fitting, to.net),
        },
      ];
    });
    if (wires.length === 0) return [];
    const ohms = wireOhms(index, lead, estimates);
    let inside = 0;
    for (const { fitting } of [lead.from, lead.to]) {
      const own = insideOhms(index.get(fitting).part);
      if (own > 0 && !counted.has(fitting)) inside += own;
      if (own > 0) counted.add(fitting);
    }
    return wires.map(({ isPlus, ...wire }) => ({
      kind: 'resistor',
      ...wire,
      ohms: isPlus ? ohms + inside : ohms,
    }));
  });
}

/** The name of a conductor in the network. */
export const wireId = (leadId: string, contact: string): string => `${leadId}.${contact}`;
