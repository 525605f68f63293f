import { conductorOhms } from '../../base/conductors/wire';
import { connectorFamily } from '../../model/connectors/families';
import type { Element, ElementOfKind } from '../../physics/network/devices';
import type { PartSpec } from '../../model/kinds/part-spec';
import { isJoined, type Lead } from '../../model/plan/lead';
import { runKind, usualRun } from '../../model/plan/usual-run';
import { fromPlan } from '../berths/lead-length';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Survey } from '../survey/survey';
import type { Estimates } from '../../model/kinds/estimates';
import type { NodeNames } from './nodes';
import { fuseFigures, fuseOhms } from '../../model/kinds/cable/fuse-values';

/** Gauge taken for a lead that nobody measured, by what it is for. */
function usualGauge(index: BuildIndex, lead: Lead): number {
  const end = (ref: Lead['from']) => ({ ref, port: index.port(ref) });
  return usualRun[runKind(end(lead.from), end(lead.to))].awg;
}

/** How far the length of a lead may be off, by where it comes from. */
const routedRange = { least: 0.85, most: 1.2 };
const usualRange = { least: 0.6, most: 2 };

/** Ohms of one conductor of a lead, the contact at its plug included. */
function wireOhms(survey: Survey, lead: Lead, estimates: Estimates): number {
  const { index } = survey;
  const { value, provenance, note = '' } = survey.leadMetres(lead);
  const names = [lead.from, lead.to].map((end) => index.get(end.fitting).fitting.name);
  const metres = estimates.take(
    `${lead.id}.metres`,
    `length of the lead from the ${names.join(' to the ')}`,
    // A sheet's or a person's estimate has a range of its own.
    provenance === 'estimated' && lead.metres === undefined ? undefined : { value, provenance, note },
    { value, ...(note === fromPlan ? routedRange : usualRange), note },
  );
  const contacts = [lead.from, lead.to].map(
    (ref) => connectorFamily(index.port(ref).connector.family).contactOhms,
  );
  return conductorOhms(lead.awg ?? usualGauge(index, lead), metres) + Math.max(...contacts);
}

/** Ohms of a hand switch's contact: rule of thumb. */
const switchOhms = 0.01;

/** Ohms inside a fuse or a hand switch. */
function insideOhms(part: PartSpec): number {
  if (part.kind !== 'cable') return 0;
  if (part.form === 'switch') return switchOhms;
  return part.form === 'fuse' ? fuseOhms(part) : 0;
}

/** Farads that stand at the inputs of controllers and BECs: they let the volts behind a fuse fall, not jump. */
const inputFarads = 4.7e-4;

/** A wire with fuses in a row before its end. @param minus node of the return, which capacitors stand on */
function throughFuses(
  index: BuildIndex,
  wire: ElementOfKind<'resistor'>,
  minus: string,
  fuses: readonly string[],
): Element[] {
  const before = (n: number) => (n < fuses.length ? `inside ${fuses[n]!}` : wire.to);
  return [
    { ...wire, to: before(0) },
    ...fuses.flatMap((id, n): Element[] => {
      const { part } = index.get(id);
      const figures = part.kind === 'cable' ? fuseFigures(part) : undefined;
      if (!figures) return [];
      const [from, to] = [before(n), before(n + 1)];
      const capacitor = { kind: 'capacitor', to: minus, farads: inputFarads } as const;
      return [
        { kind: 'ptcFuse', id, from, to, ...figures },
        { ...capacitor, id: `${id}.before`, from },
        { ...capacitor, id: `${id}.behind`, from: to },
      ];
    }),
  ];
}

/**
 * Every wire in which current can flow, as a resistor named `<lead>.<contact>`.
 * @param canBlow whether fuses stand in it as things of their own, named by their fitting, that warm and open
 */
export function wireElements(
  survey: Survey,
  names: NodeNames,
  estimates: Estimates,
  canBlow = false,
): Element[] {
  const { index } = survey;
  // What lies inside a fuse or a switch is counted in the plus of one of its leads: the first.
  const counted = new Set<string>();
  return index.build.leads.flatMap((lead): Element[] => {
    const wires = lead.conductors.flatMap((conductor) => {
      if (!isJoined(conductor)) return [];
      const [from, to] = (['from', 'to'] as const).map((end) => {
        const net = index.port(lead[end]).pins.find((pin) => pin.name === conductor[end])?.net;
        return net === undefined ? undefined : { fitting: lead[end].fitting, net };
      });
      if (!from || !to || !names.isLive(from.fitting, from.net)) return [];
      return [
        {
          isPlus: conductor.from === 'plus',
          splice: conductor.state === 'spliced' ? connectorFamily('open').contactOhms : 0,
          id: wireId(lead.id, conductor.from),
          from: names.node(from.fitting, from.net),
          to: names.node(to.fitting, to.net),
        },
      ];
    });
    if (wires.length === 0) return [];
    const ohms = wireOhms(survey, lead, estimates);
    let inside = 0;
    const fuses: string[] = [];
    for (const { fitting } of [lead.from, lead.to]) {
      const { part } = index.get(fitting);
      const own = insideOhms(part);
      if (own === 0 || counted.has(fitting)) continue;
      counted.add(fitting);
      if (canBlow && part.kind === 'cable' && part.form === 'fuse') fuses.push(fitting);
      else inside += own;
    }
    const minus = wires.find((wire) => !wire.isPlus)?.to ?? 'gnd';
    return wires.flatMap(({ isPlus, splice, ...wire }): Element[] =>
      isPlus
        ? throughFuses(index, { kind: 'resistor', ...wire, ohms: ohms + splice + inside }, minus, fuses)
        : [{ kind: 'resistor', ...wire, ohms: ohms + splice }],
    );
  });
}

/** The name of a conductor in the network. */
export const wireId = (leadId: string, contact: string): string => `${leadId}.${contact}`;
