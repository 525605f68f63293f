import type { Lead } from '../build/lead';
import { gaugeAmps, gaugeArea } from '../conductors/wire';
import { controllerOf } from '../power/pack-load';
import { defineRule, leadSubject, type CheckContext } from './rule';
import { plannedTerm } from './support/terms';
import { capital } from './words';

/** Amps through pack and motor leads against what their gauge carries. */
export const wireAmps = defineRule({
  meta: {
    id: 'wire-amps',
    well: 'current',
    title: 'Amps through power wires against their gauge',
    messages: {
      tooThin: {
        severity: 'stop',
        bound: 'most',
        text: 'the wire from the {{from}} to the {{to}} is too thin for what it carries',
        why: 'It gets hot enough to soften its insulation and melt the joints at its ends.',
      },
    },
  },
  check(context) {
    const carried = ampsByLead(context);
    return context.build.leads.flatMap((lead) => {
      const amps = carried.get(lead.id);
      if (lead.awg === undefined || amps === undefined || amps <= gaugeAmps(lead.awg)) return [];
      const thicker = [20, 18, 16, 14, 12, 10, 8].find((awg) => gaugeAmps(awg) >= amps);
      return [
        {
          messageId: 'tooThin' as const,
          data: {
            from: context.index.get(lead.from.fitting).fitting.name,
            to: context.index.get(lead.to.fitting).fitting.name,
          },
          subjects: [leadSubject(lead.id)],
          actual: amps,
          limit: gaugeAmps(lead.awg),
          unit: 'A' as const,
          formula: 'amps at the worst second, against 10 A for each square millimetre (rule of thumb)',
          terms: [
            { ...plannedTerm('amps it carries', amps, 'A'), provenance: 'estimated' as const },
            plannedTerm(`area of AWG ${lead.awg}`, gaugeArea(lead.awg), 'mm²'),
          ],
          offers:
            thicker === undefined
              ? []
              : [
                  {
                    id: `thicker-wire:${lead.id}`,
                    label: `${capital('use')} AWG ${thicker} here`,
                    edits: [{ type: 'setGauge' as const, lead: lead.id, awg: thicker }],
                  },
                ],
        },
      ];
    });
  },
});

/** Amps at the worst second in leads whose load is plain: of packs, and of motors. */
function ampsByLead({ index, picture, packs }: CheckContext): Map<string, number> {
  const amps = new Map<string, number>();
  for (const load of packs)
    for (const lead of index.leadsOf(load.pack.fitting.id)) amps.set(lead.id, load.amps);
  for (const motor of index.ofKind('motor')) {
    const controller = controllerOf(index, picture, motor);
    const full = motor.part.fullLoadAmps?.value;
    if (!controller || full === undefined) continue;
    const isPower = (lead: Lead) => ['motor', 'power'].includes(index.port(lead.from).use);
    for (const lead of index.leadsOf(controller.fitting.id).filter(isPower))
      amps.set(lead.id, amps.get(lead.id) ?? full);
  }
  return amps;
}
