import type { BuildIndex } from '../../build/build-index';
import type { Conductor, Lead } from '../../build/lead';
import type { Patch } from '../../build/patch';

/** Turns the plug of a crossed lead round, so that each conductor joins like to like. */
export function offerTurnedPlug(index: BuildIndex, lead: Lead): Patch[] {
  const name = index.get(lead.from.fitting).fitting.name;
  return [
    {
      id: `turn-plug:${lead.id}`,
      label: `Turn the plug of the ${name} round at the ${index.get(lead.to.fitting).fitting.name}`,
      edits: [
        {
          type: 'setConductors',
          lead: lead.id,
          conductors: lead.conductors.map((wire) => ({ ...wire, to: wire.from })),
        },
      ],
    },
  ];
}

/** The nearest lead on the way from a fitting through cables that joins unlike contacts. */
export function crossedLeadNear(index: BuildIndex, fittingId: string): Lead | undefined {
  const seen = new Set([fittingId]);
  const queue = [fittingId];
  for (let here = queue.shift(); here !== undefined; here = queue.shift()) {
    for (const lead of index.leadsOf(here)) {
      if (lead.conductors.some(isCrossed)) return lead;
      for (const { fitting } of [lead.from, lead.to]) {
        if (seen.has(fitting) || index.get(fitting).part.kind !== 'cable') continue;
        seen.add(fitting);
        queue.push(fitting);
      }
    }
  }
  return undefined;
}

const powerPins = new Set(['signal', 'plus', 'minus']);

const isCrossed = ({ from, to, state }: Conductor): boolean =>
  state === 'whole' && from !== to && powerPins.has(from) && powerPins.has(to);
