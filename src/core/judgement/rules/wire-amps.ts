import { gaugeAmps, siliconeCelsius, soldGauges, warmCelsius } from '../../base/conductors/wire';
import type { Reading } from '../../reading/build-reading/reading';
import { isOver } from '../../base/quantity/compare';
import { leadSubject, type Missing, type Report } from '../findings/report';
import { connectorFamily } from '../../model/connectors/families';
import type { Edit } from '../../model/plan/edits';
import type { Lead } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import { defineRule } from './rule';
import { plannedTerm, solvedTerm } from './support/terms';

type Message = 'runsWarm' | 'fails';

/** Insulation of servo leads is usually PVC, which fails at this, in degrees Celsius. */
const pvcCelsius = 105;

/** Gauges that leads of power and motors are usually sold with. */
const usualGauges = [12, 14, 16];

/** Gauges to tap for one lead, and for all leads of its kind of which none is known. */
function gaugeAnswers({ build: { leads } }: Reading, lead: Lead): Patch[] {
  const setTo = (of: readonly Lead[], awg: number): Edit[] =>
    of.map(({ id }) => ({ type: 'setGauge', lead: id, awg }));
  const alike = leads.filter(
    (other) => other.awg === undefined && other.conductors.length === lead.conductors.length,
  );
  return usualGauges.flatMap((awg): Patch[] => [
    { id: `gauge:${lead.id}:${awg}`, label: `AWG ${awg}`, edits: setTo([lead], awg) },
    ...(alike.length > 1
      ? [
          {
            id: `gauge:${lead.id}+${alike.length}:${awg}`,
            label: `AWG ${awg} on all ${alike.length} such leads that are not known`,
            edits: setTo(alike, awg),
          },
        ]
      : []),
  ]);
}

/** The thinnest wire that leads of each sort are sold with; one that no sheet states is no thinner. */
const thinnestSold = { servo: 26, other: 20 };

/** The thinnest that controllers and packs of a class come with: their label amps and amp-hours. Engineering notes, section 10. */
const thinnestOfClass = {
  controller: [
    { least: 100, awg: 14 },
    { least: 45, awg: 16 },
  ],
  pack: [
    { least: 4, awg: 14 },
    { least: 2, awg: 16 },
    { least: 1, awg: 18 },
  ],
};

/** The thinnest wire that a lead may be where nobody has read its gauge. */
function thinnestFor({ index }: Reading, lead: Lead): number {
  const ends = [lead.from, lead.to].map((end) => index.owner(end));
  const known = ends.flatMap((end) => {
    const size =
      end.kind === 'controller'
        ? end.part.continuousAmps
        : end.kind === 'pack'
          ? end.part.ampHours
          : undefined;
    if (!size || (end.kind !== 'controller' && end.kind !== 'pack')) return [];
    return thinnestOfClass[end.kind].find(({ least }) => size.value >= least)?.awg ?? thinnestSold.other;
  });
  return known.length === 0 ? thinnestSold.other : Math.max(...known);
}

/** Amps that each conductor carries for minutes against what its gauge stands. */
export const wireAmps = defineRule<Message>({
  meta: {
    id: 'wire-amps',
    well: 'current',
    title: 'Amps through every wire against its gauge',
    messages: {
      runsWarm: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} through a wire for {{limit}}',
        text: 'the wire from the {{from}} to the {{to}} runs hotter than 80 °C',
        why: 'Too hot to touch after some minutes of full throttle, and what lies against it softens.',
      },
      fails: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} through a wire for {{limit}}',
        text: 'the wire from the {{from}} to the {{to}} is too thin for what it carries',
        why: 'Its insulation fails and the joints at its ends melt.',
      },
    },
  },
  check(context) {
    return context.build.leads.flatMap((lead): (Report<Message> | Missing)[] => {
      const isServo = [lead.from, lead.to].some(
        (end) => connectorFamily(context.index.port(end).connector.family).form === 'servo',
      );
      const thinnest = isServo ? thinnestSold.servo : thinnestFor(context, lead);
      // What carries the worst second for ever need not be looked into.
      const worst = mostAmps(context, 'worst', lead);
      if (worst === undefined || !isOver(worst, gaugeAmps(lead.awg ?? thinnest), 'A')) return [];
      const amps = mostAmps(context, 'steady', lead) ?? worst;
      const names = [lead.from, lead.to].map((end) => context.index.get(end.fitting).fitting.name);
      const subjects = [leadSubject(lead.id)];
      if (lead.awg === undefined) {
        // Nothing that is sold for such a lead would get warm: its gauge is of no matter.
        if (!isOver(amps, gaugeAmps(thinnest), 'A')) return [];
        return [
          {
            missing: `gauge of the lead from the ${names.join(' to the ')}`,
            subjects,
            asked: 'lead',
            answers: gaugeAnswers(context, lead),
          },
        ];
      }
      const warm = gaugeAmps(lead.awg);
      if (!isOver(amps, warm, 'A')) return [];
      const failCelsius = isServo ? pvcCelsius : siliconeCelsius;
      const most = gaugeAmps(lead.awg, failCelsius);
      const isFailing = isOver(amps, most, 'A');
      const thicker = soldGauges.find((awg) => gaugeAmps(awg) >= amps);
      return [
        {
          messageId: isFailing ? 'fails' : 'runsWarm',
          data: { from: names[0]!, to: names[1]! },
          subjects,
          actual: amps,
          limit: isFailing ? most : warm,
          unit: 'A',
          formula: `amps for minutes at full throttle, solved, against those that heat it to ${isFailing ? failCelsius : warmCelsius} °C in still air`,
          terms: [
            solvedTerm('amps it carries', amps, 'A'),
            plannedTerm('its gauge', lead.awg, 'AWG'),
            { ...solvedTerm(`to ${warmCelsius} °C`, warm, 'A'), note: 'heat balance of one conductor' },
            { ...solvedTerm(`to ${failCelsius} °C`, most, 'A'), note: 'where its insulation fails' },
          ],
          offers: () =>
            thicker === undefined
              ? []
              : [
                  {
                    id: `thicker-wire:${lead.id}`,
                    label: `Use AWG ${thicker} here`,
                    edits: [{ type: 'setGauge', lead: lead.id, awg: thicker }],
                  },
                ],
        },
      ];
    });
  },
});

/** The most that any conductor of a lead carries; `undefined` where no current can flow. */
function mostAmps({ circuit }: Reading, moment: 'worst' | 'steady', lead: Lead): number | undefined {
  const point = circuit.at(moment, moment === 'worst' ? 'full' : 'nominal');
  const known = lead.conductors.flatMap((conductor) => point?.wireAmps(lead.id, conductor.from) ?? []);
  return known.length === 0 ? undefined : Math.max(...known);
}
