import type { Lead } from '../build/lead';
import { shortestWay } from '../build/shortest-way';
import { conductorOhms } from '../conductors/wire';
import { connectorFamily } from '../connectors/families';
import type { Source, Supply } from '../power/power-picture';
import type { Rail } from '../power/rails';
import { defineRule, fittingSubject, leadSubject, type CheckContext, type Report } from './rule';
import { figureTerm, plannedTerm } from './support/terms';

/** Share of the rail volts that a stalled servo may lose in its leads: rule of thumb. */
const dropShare = 0.1;

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
        text: 'the {{servo}} loses {{share}} % of its volts in its leads when it stalls',
        why: 'The servo is weak just when it should hold, and slow at the far end of an extension.',
      },
    },
  },
  check(context) {
    return context.rails.flatMap((rail) =>
      rail.demands.flatMap(({ supply, stalled }): Report<'losesVolts'>[] => {
        const { fitting, part } = supply.fitted;
        const [source] = rail.sources;
        if (part.kind !== 'servo' || !source || rail.volts === undefined) return [];
        const way = shortestWay(context.index, source.fitted.fitting.id, fitting.id).filter(
          (lead) => lead.awg !== undefined && lead.metres,
        );
        const ohms = way.reduce((sum, lead) => sum + leadOhms(context, lead), 0);
        const solved = solvedDrop(context, rail, source, supply);
        const drop = solved ?? stalled.value * ohms;
        const limit = dropShare * rail.volts;
        if (way.length === 0 || drop <= limit) return [];
        return [
          {
            messageId: 'losesVolts',
            data: { servo: fitting.name, share: ((100 * drop) / rail.volts).toFixed(0) },
            subjects: [fittingSubject(fitting.id), ...way.map((lead) => leadSubject(lead.id))],
            actual: drop,
            limit,
            unit: 'V',
            formula:
              solved === undefined
                ? 'stall amps × (two wires and two contacts of each lead), against a tenth of the rail volts (rule of thumb)'
                : 'volts at the source less volts at the servo, in the network solved for the worst second, against a tenth of the rail volts (rule of thumb)',
            terms: [
              figureTerm('stall amps', stalled, 'A'),
              ...way.map((lead) => ({
                name: `${context.index.get(lead.from.fitting).fitting.name}, ${Math.round((lead.metres?.value ?? 0) * 1000)} mm of AWG ${lead.awg}`,
                value: leadOhms(context, lead),
                unit: 'Ω' as const,
                provenance: 'estimated' as const,
              })),
              plannedTerm('rail volts', rail.volts, 'V'),
            ],
            offers: offerThicker(way),
          },
        ];
      }),
    );

    function offerThicker(way: readonly Lead[]) {
      const thin = way.filter((lead) => (lead.awg ?? 0) > 22);
      if (thin.length === 0) return [];
      return [
        {
          id: `thicker-wire:${thin.map((lead) => lead.id).join('+')}`,
          label: 'Make these leads of AWG 20',
          edits: thin.map((lead) => ({ type: 'setGauge' as const, lead: lead.id, awg: 20 })),
        },
      ];
    }
  },
});

/** Volts between a rail's source and a servo that stalls at the worst second, by the solved network. */
function solvedDrop(context: CheckContext, rail: Rail, source: Source, supply: Supply): number | undefined {
  const counted = rail.counted.find((one) => one.supply === supply);
  const point = counted?.stalled ? context.worstSecond('cutoff') : undefined;
  const { fitted, terminal } = source;
  const given = point?.across(fitted.fitting.id, terminal.plus, terminal.minus);
  const taken = point?.across(supply.fitted.fitting.id, supply.terminal.plus, supply.terminal.minus);
  return given === undefined || taken === undefined ? undefined : given - taken;
}

/** Ohms of a lead there and back: two wires, and two contacts at the plug end. */
function leadOhms({ index }: CheckContext, lead: Lead): number {
  const wires = 2 * conductorOhms(lead.awg ?? 0, lead.metres?.value ?? 0);
  return wires + 2 * connectorFamily(index.port(lead.to).connector.family).contactOhms;
}
