import { dropoutVolts } from '../../model/kinds/regulated/regulator-values';
import type { Regulator } from '../../model/parts/regulator';
import type { Fitted } from '../../model/kinds/fitted';
import { Estimates } from '../../model/kinds/estimates';
import type { Survey } from '../../reading/survey/survey';
import { atLeast, type Limit } from './limit';

/** Share of its setting that a rail may lose at cut-off without being felt: rule of thumb. */
const hardlyFelt = 0.05;

/** What a pack leaves a regulator at cut-off, less what it needs above its output, against its setting. */
export function heldLimit(held: number, set: number): Limit<'cannotHold' | 'sinksALittle'> {
  const limit = atLeast(held, set, 'V', 'sinksALittle' as const);
  return held < set * (1 - hardlyFelt) ? { ...limit, passed: 'cannotHold' } : limit;
}

/** Volts that a fitted regulator holds to the cut-off of its packs, and what it needs above its output; nothing where no pack feeds it. */
export function heldVolts(
  survey: Survey,
  fitted: Fitted,
  regulator: Regulator,
): { held: number; drop: number } | undefined {
  const packs = survey.packOf(fitted.fitting.id);
  if (!packs) return undefined;
  const drop = dropoutVolts(fitted, regulator, new Estimates(survey.build.measured));
  return { held: packs.volts.cutoff - drop, drop };
}

/** Choices of a regulator that its packs hold to their cut-off; all of them where no pack feeds it yet, lowest first. */
export function choicesHeld(survey: Survey, fitted: Fitted, regulator: Regulator): number[] {
  const found = heldVolts(survey, fitted, regulator);
  return [...regulator.voltsChoices]
    .sort((a, b) => a - b)
    .filter((choice) => !found || heldLimit(found.held, choice).passed !== 'cannotHold');
}
