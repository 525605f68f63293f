import type { Reading } from '../../reading/build-reading/reading';
import { isOver } from '../../base/quantity/compare';
import { fittingSubject, leadSubject, type Report } from '../findings/report';
import { drawsOf } from '../../reading/circuit/draws';
import { metresWords } from '../../reading/berths/lead-length';
import type { Lead } from '../../model/plan/lead';
import { terminalsOf } from '../../model/kinds';
import { shortestWay } from '../../reading/survey/shortest-way';
import { defineRule } from './rule';
import { figureTerm, plannedTerm, solvedTerm } from './support/terms';

/** Share of the rail volts that a stalled servo may lose in its leads: rule of thumb. */
const dropShare = 0.1;

/** Leads as short and as thick as these never lose that much; only others are looked into. */
const isOrdinary = ({ survey }: Reading, way: readonly Lead[]): boolean =>
  way.every((lead) => (lead.awg ?? 22) <= 24) &&
  way.reduce((sum, lead) => sum + survey.leadMetres(lead).value, 0) <= 0.4;

/** Volts lost in the leads of a stalled servo, there and back, wires and contacts. */
export const leadDrop = defineRule({
  meta: {
    id: 'lead-drop',
    well: 'voltage',
    title: 'Volts lost in long, thin servo leads',
    messages: {
      losesVolts: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} lost, at most {{limit}}',
        text: 'the {{servo}} loses {{share}} % of its volts in its leads when it stalls',
        why: 'The servo is weak just when it should hold, and slow at the far end of an extension.',
      },
    },
  },
  check(context) {
    const { survey } = context;
    return survey.rails.flatMap((rail) =>
      rail.supplies.flatMap((supply): Report<'losesVolts'>[] => {
        const { fitted } = supply;
        const { id, name } = fitted.fitting;
        const [source] = rail.sources;
        if (fitted.kind !== 'servo' || !source || !rail.volts || supply.status !== 'fed') return [];
        const way = ownWay(context, source.fitted.fitting.id, id);
        if (isOrdinary(context, way.leads)) return [];
        const point = context.circuit.at('worst', 'full', 'allStalled');
        const [plus, minus] = way.hub.nets;
        const given = point?.across(way.hub.id, plus, minus);
        const taken = point?.across(id, supply.terminal.plus, supply.terminal.minus);
        const draws = drawsOf(supply);
        if (given === undefined || taken === undefined || !draws || 'missing' in draws) return [];
        const drop = given - taken;
        const limit = dropShare * rail.volts.nominal;
        if (!isOver(drop, limit, 'V')) return [];
        return [
          {
            messageId: 'losesVolts',
            data: { servo: name, share: ((100 * drop) / rail.volts.nominal).toFixed(0) },
            subjects: [fittingSubject(id), ...way.leads.map((lead) => leadSubject(lead.id))],
            actual: drop,
            limit,
            unit: 'V',
            formula:
              'volts lost in its leads with every servo stalled, solved, against a tenth of the rail (rule of thumb)',
            terms: [
              figureTerm('stall amps', draws.stalled, 'A'),
              solvedTerm('volts where its leads begin', given, 'V'),
              solvedTerm('volts at the servo', taken, 'V'),
              ...way.leads.flatMap((lead) => wireTerm(context, lead)),
            ],
            offers: () => offerThicker(way.leads),
          },
        ];
      }),
    );
  },
});

/** The leads that are a servo's own, and the part where they begin: the receiver, or what regulates its rail. */
function ownWay(
  { index }: Reading,
  sourceId: string,
  servoId: string,
): { leads: Lead[]; hub: { id: string; nets: [string, string] } } {
  const way = shortestWay(index, sourceId, servoId);
  const receiver = way
    .flatMap((lead) => [lead.from.fitting, lead.to.fitting])
    .find((id) => index.get(id).kind === 'receiver');
  const leads = receiver === undefined ? way : shortestWay(index, receiver, servoId);
  const gives = terminalsOf(index.get(sourceId).part).gives;
  return {
    leads,
    hub:
      receiver === undefined
        ? { id: sourceId, nets: [gives?.plus ?? '', gives?.minus ?? ''] }
        : { id: receiver, nets: ['rail', 'ground'] },
  };
}

const wireTerm = ({ index, survey }: Reading, lead: Lead) =>
  lead.awg === undefined
    ? []
    : [
        plannedTerm(
          `${index.get(lead.from.fitting).fitting.name}, ${metresWords(survey.leadMetres(lead))} of AWG`,
          lead.awg,
          'AWG',
        ),
      ];

/** A servo contact takes no wire thicker than AWG 22. */
const thickestInServoPlug = 22;

function offerThicker(way: readonly Lead[]) {
  const thin = way.filter((lead) => (lead.awg ?? 0) > thickestInServoPlug);
  if (thin.length === 0) return [];
  return [
    {
      id: `thicker-wire:${thin.map((lead) => lead.id).join('+')}`,
      label: `Make these leads of AWG ${thickestInServoPlug}`,
      edits: thin.map((lead) => ({ type: 'setGauge' as const, lead: lead.id, awg: thickestInServoPlug })),
    },
  ];
}
