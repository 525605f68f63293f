import type { BuildIndex, Fitted } from '../build/build-index';
import type { Lead } from '../build/lead';
import { usualRun, runKind } from '../build/usual-run';
import { conductorOhms } from '../conductors/wire';
import { connectorFamily } from '../connectors/families';
import type { Element } from '../network/devices';
import type { PartSpec } from '../parts/part-spec';
import { terminalsOf } from '../parts/terminals';
import type { Estimates } from './estimates';

/** Names of the nodes of a build: one for each net of a part that carries power, `gnd` at a pack's minus. */
export class NodeNames {
  private readonly grounds = new Set<string>();
  private readonly powerNets = new Map<string, ReadonlySet<string>>();

  /** @param index the build; the first pack of each part of it that hangs together gives that part its ground */
  constructor(private readonly index: BuildIndex) {
    const island = new Map<string, string>();
    const find = (id: string): string => {
      const up = island.get(id);
      return up === undefined || up === id ? id : find(up);
    };
    for (const lead of index.build.leads) island.set(find(lead.from.fitting), find(lead.to.fitting));
    const grounded = new Set<string>();
    for (const { fitting } of index.ofKind('pack')) {
      const root = find(fitting.id);
      if (grounded.has(root)) continue;
      grounded.add(root);
      this.grounds.add(`${fitting.id}.minus`);
    }
  }

  node(fitting: string, net: string): string {
    const name = `${fitting}.${net}`;
    return this.grounds.has(name) ? 'gnd' : name;
  }

  /** Whether a net of a part carries power: its terminals, and everything of a cable but its signal. */
  carriesPower(fitting: string, net: string): boolean {
    let nets = this.powerNets.get(fitting);
    if (!nets) this.powerNets.set(fitting, (nets = powerNetsOf(this.index.get(fitting).part)));
    return nets.has(net);
  }
}

function powerNetsOf(part: PartSpec): ReadonlySet<string> {
  if (part.kind === 'cable') return new Set(['plus', 'minus']);
  const { consumes, gives } = terminalsOf(part);
  return new Set([...consumes, ...(gives ? [gives] : [])].flatMap((one) => [one.plus, one.minus]));
}

/** Length taken for a lead that nobody measured, by what it is for. */
function usual(index: BuildIndex, lead: Lead) {
  const end = (ref: Lead['from']) => ({ ref, port: index.port(ref) });
  return usualRun[runKind(end(lead.from), end(lead.to))];
}

/** Ohms of one conductor of a lead, the contact at its plug included. */
function wireOhms(index: BuildIndex, lead: Lead, estimates: Estimates): number {
  const { metres: guess, awg } = usual(index, lead);
  const metres = estimates.take(
    `${lead.id}.metres`,
    `length of the lead from the ${index.get(lead.from.fitting).fitting.name} to the ${index.get(lead.to.fitting).fitting.name}`,
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

/** Ohms of a fuse or a hand switch, which lie in the plus of the lead that leaves it. */
function insideOhms(part: PartSpec): number {
  if (part.kind !== 'cable') return 0;
  if (part.form === 'switch') return switchOhms;
  return part.form === 'fuse' && part.maxAmps ? fuseVolts / part.maxAmps.value : 0;
}

/** Every wire that carries power, as a resistor named `<lead>.<contact>`. */
export function wiringElements(index: BuildIndex, names: NodeNames, estimates: Estimates): Element[] {
  return index.build.leads.flatMap((lead): Element[] => {
    const wires = lead.conductors.flatMap((one) => {
      const netAt = (end: 'from' | 'to') =>
        index.port(lead[end]).pins.find((pin) => pin.name === one[end])?.net;
      const [from, to] = [netAt('from'), netAt('to')];
      const isPower =
        one.state === 'whole' &&
        from !== undefined &&
        to !== undefined &&
        names.carriesPower(lead.from.fitting, from) &&
        names.carriesPower(lead.to.fitting, to);
      return isPower
        ? [
            {
              isPlus: one.from === 'plus',
              id: `${lead.id}.${one.from}`,
              from: names.node(lead.from.fitting, from),
              to: names.node(lead.to.fitting, to),
            },
          ]
        : [];
    });
    if (wires.length === 0) return [];
    const ohms = wireOhms(index, lead, estimates);
    const inside = insideOhms(index.get(lead.from.fitting).part);
    return wires.map(({ isPlus, ...wire }) => ({
      kind: 'resistor',
      ...wire,
      ohms: isPlus ? ohms + inside : ohms,
    }));
  });
}

/** Ohms of the leads between a controller and its motor, there and back. */
export function motorLeadOhms(index: BuildIndex, motor: Fitted<'motor'>, estimates: Estimates): number {
  const [lead] = index.leadsOf(motor.fitting.id);
  return lead ? 2 * wireOhms(index, lead, estimates) : 0;
}
