import type { Reading } from '../../../reading/build-reading/reading';
import { fittingSubject, type Missing } from '../../findings/report';
import type { PortRef } from '../../../model/plan/lead';
import { portKey, type BuildIndex } from '../../../model/plan/build-index';
import type { Fitted } from '../../../model/kinds/fitted';

/** What an output is asked for with everything on. */
interface OutputUse {
  /** Loads that hang on it. */
  loads: Fitted<'load'>[];
  /** Amps of loads that no sheet states. */
  missing: Missing[];
  /** Amps through its plus in the solved network; `undefined` where its plus leads nowhere, or the network does not settle. */
  amps: number | undefined;
}

/** What hangs on an output of a part, and what it takes; `undefined` where nothing is plugged in. */
export function outputUse({ index, circuit }: Reading, here: PortRef): OutputUse | undefined {
  const lead = index.leadAt(here);
  if (!lead) return undefined;
  const loads = loadsBeyond(index, here);
  const end = portKey(lead.from) === portKey(here) ? 'from' : 'to';
  const plus = lead.conductors.find((conductor) => conductor[end] === 'plus')?.from;
  return {
    loads,
    missing: loads
      .filter(({ part }) => !part.amps && part.form !== 'capacitor')
      .map(({ fitting: { id, name } }) => ({
        missing: `amps of the ${name}`,
        subjects: [fittingSubject(id)],
      })),
    amps: plus === undefined ? undefined : circuit.at('steady', 'nominal')?.wireAmps(lead.id, plus),
  };
}

/** Loads reached from a port through cables, away from its part. */
function loadsBeyond(index: BuildIndex, from: { fitting: string; port: string }): Fitted<'load'>[] {
  const loads: Fitted<'load'>[] = [];
  const seen = new Set([from.fitting]);
  const queue = [index.leadAt(from)];
  for (let lead = queue.shift(); lead; lead = queue.shift()) {
    for (const end of [lead.from, lead.to]) {
      if (portKey(end) === portKey(from) || seen.has(end.fitting)) continue;
      seen.add(end.fitting);
      const fitted = index.get(end.fitting);
      if (fitted.kind === 'load') loads.push(fitted);
      if (fitted.kind === 'cable') queue.push(...index.leadsOf(end.fitting));
    }
  }
  return loads;
}
