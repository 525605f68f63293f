import type { Edit } from '../../model/plan/edits';
import type { Conductor, Lead } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import { portKey, portRef } from '../../model/plan/build-index';
import type { Source } from '../../reading/survey/power';
import type { Reading } from '../../reading/build-reading/reading';
import { nameList } from '../../base/words/sentences';

/** Keeps one source of a rail and lifts the red wires of the others. */
export function offerKeepOne(context: Reading, keep: Source, others: readonly Source[]): Patch[] {
  const edits = others.map((source) => liftRed(context, source));
  if (edits.some((edit) => edit === undefined)) return [];
  const ids = others.map((source) => source.fitted.fitting.id);
  const nameOf = (source: Source) => `the ${source.fitted.fitting.name}`;
  return [
    {
      id: `lift-red:${ids.join('+')}`,
      label:
        others.length > 2
          ? `Lift all ${others.length + 1} red wires but that of ${nameOf(keep)}`
          : `Lift the red wire at ${nameList(others.map(nameOf))}, keep ${nameOf(keep)}`,
      edits: edits.filter((edit) => edit !== undefined),
    },
  ];
}

/** The edit that lifts a regulator's plus out of its lead; `undefined` where no single lead carries it. */
export function liftRed(context: Reading, source: Source): Edit | undefined {
  const red = redWireOf(context, source);
  if (!red) return undefined;
  const conductors = red.lead.conductors.map((conductor) =>
    conductor === red.conductor ? { ...conductor, state: 'lifted' as const } : conductor,
  );
  return { type: 'setConductors', lead: red.lead.id, conductors };
}

/** The lead, and its wire, that takes a regulator's plus out of its part. */
export function redWireOf(
  { index }: Reading,
  source: Source,
): { lead: Lead; conductor: Conductor } | undefined {
  const { part } = source.fitted;
  for (const port of part.ports) {
    const pin = port.pins.find((pinSpec) => pinSpec.net === source.terminal.plus);
    const here = portRef(source.fitted, port);
    const lead = pin && index.leadAt(here);
    if (!pin || !lead) continue;
    const end = portKey(lead.from) === portKey(here) ? 'from' : 'to';
    const conductor = lead.conductors.find((candidate) => candidate[end] === pin.name);
    if (conductor) return { lead, conductor };
  }
  return undefined;
}
