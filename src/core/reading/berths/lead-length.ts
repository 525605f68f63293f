import type { Lead } from '../../model/plan/lead';
import { usualRun, runKind } from '../../model/plan/usual-run';
import { estimated, type Figure } from '../../base/validation/figure';
import type { BuildIndex } from '../../model/plan/build-index';
import type { LeadRun } from './lead-runs';

/** How long a lead is by measure or by a sheet; `undefined` where nobody knows. */
export function ownMetres(index: BuildIndex, lead: Lead): Figure | undefined {
  if (lead.metres && lead.metres.provenance !== 'estimated') return lead.metres;
  // A servo comes with its lead.
  for (const { fitting, port } of [lead.from, lead.to]) {
    const fitted = index.get(fitting);
    if (fitted.kind === 'servo' && fitted.part.leadLength && port === fitted.part.ports[0]?.id)
      return fitted.part.leadLength;
  }
  return undefined;
}

/** Metres of a run; `undefined` where one of its leads is not known. The short tails of adapters and fuses are taken as they are. */
export function runMetres(index: BuildIndex, { leads, cables }: LeadRun): number | undefined {
  let sum = 0;
  for (const lead of leads) {
    const isTail = cables.some(({ fitting }) => fitting.id === lead.from.fitting);
    const own = ownMetres(index, lead) ?? (isTail ? lead.metres : undefined);
    if (own === undefined) return undefined;
    sum += own.value;
  }
  return sum;
}

/** Metres that a run usually has: what is known of its leads, and for the others what is usual for what they are for. */
export const usualMetres = (index: BuildIndex, { leads }: LeadRun): number =>
  leads.reduce((sum, lead) => sum + (ownMetres(index, lead)?.value ?? usualOf(index, lead)), 0);

/** What a lead's length is taken from where nobody measured it. */
export const fromPlan = 'the way it lies in the berths, slack included';

/**
 * How long a lead is: measured or told; else by the way that it lies in the berths; else as somebody estimated it, or
 * usual for what it is for.
 */
export function leadMetres(
  { index, metresOf }: { index: BuildIndex; metresOf: (lead: Lead) => number | undefined },
  lead: Lead,
): Figure {
  const own = ownMetres(index, lead);
  if (own) return own;
  const routed = metresOf(lead);
  if (routed !== undefined) return estimated(Math.round(routed * 1000) / 1000, fromPlan);
  if (lead.metres) return lead.metres;
  return estimated(usualOf(index, lead), 'usual length of such a lead');
}

function usualOf(index: BuildIndex, lead: Lead): number {
  const end = (ref: Lead['from']) => ({ ref, port: index.port(ref) });
  return usualRun[runKind(end(lead.from), end(lead.to))].metres;
}

/** The same, where there is more to it than what is usual. */
export const knownMetres = (at: Parameters<typeof leadMetres>[0], lead: Lead): Figure | undefined =>
  lead.metres || at.metresOf(lead) !== undefined || ownMetres(at.index, lead)
    ? leadMetres(at, lead)
    : undefined;

/** A length as a person reads it: `about 320 mm` where nobody measured it. */
export const metresWords = ({ value, provenance }: Figure): string =>
  `${provenance === 'estimated' ? 'about ' : ''}${Math.round(value * 1000)} mm`;
