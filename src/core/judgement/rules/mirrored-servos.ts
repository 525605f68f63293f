import { shortestWay } from '../../reading/survey/shortest-way';
import { defineRule } from './rule';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, functionSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

/** Mirrored servos that share one signal, so that neither can be reversed by itself. */
export const mirroredServos = defineRule({
  meta: {
    id: 'mirrored-servos',
    well: 'control',
    title: 'Mirrored servos on one Y-lead',
    messages: {
      mirroredOnOneSignal: {
        severity: 'stop',
        bound: 'most',
        short: 'mirrored on one port',
        text: 'the servos of {{function}} stand mirrored but share one port through the {{lead}}',
        why: 'Both turn the same way and fight each other through the linkage; one burns out.',
      },
    },
  },
  check(context) {
    return context.build.functions
      .filter((modelFunction) => modelFunction.mirrored)
      .flatMap((modelFunction) => {
        const servos = modelFunction.devices.filter((id) => context.index.get(id).part.kind === 'servo');
        const ports = context.survey.signals.filter((path) => servos.includes(path.device.fitting.id));
        const byPort = new Map(ports.map((path) => [path.port.id, path]));
        if (ports.length < 2 || byPort.size === ports.length) return [];
        const yLead = sharedLead(context, servos);
        return [
          {
            messageId: 'mirroredOnOneSignal' as const,
            data: {
              function: modelFunction.name.toLowerCase(),
              lead: yLead ? context.index.get(yLead).fitting.name : 'same lead',
            },
            subjects: [
              functionSubject(modelFunction.id),
              ...servos.map(fittingSubject),
              ...(yLead ? [fittingSubject(yLead)] : []),
            ],
            actual: ports.length,
            limit: byPort.size,
            unit: 'servos' as const,
            formula: 'mirrored servos, against receiver ports that work them',
            terms: [
              plannedTerm('mirrored servos', ports.length, 'servos'),
              plannedTerm('ports that work them', byPort.size, 'ports'),
            ],
            offers: () => offerNotMirrored(modelFunction.id, modelFunction.name),
          },
        ];
      });
  },
});

/** The Y-lead between two servos. */
function sharedLead({ index }: Reading, [a, b]: readonly string[]): string | undefined {
  if (a === undefined || b === undefined) return undefined;
  const ends = shortestWay(index, a, b).flatMap((lead) => [lead.from.fitting, lead.to.fitting]);
  return ends.find((id) => index.get(id).kind === 'cable');
}

function offerNotMirrored(id: string, name: string) {
  return [
    {
      id: `same-way-round:${id}`,
      label: `Mount the servos of ${name} the same way round`,
      edits: [{ type: 'setFunction' as const, function: id, change: { mirrored: false } }],
    },
  ];
}
