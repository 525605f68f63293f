import type { Regulator } from '../../parts/regulator';
import type { Fitting } from '../../fitting/fitting';
import type { Fitted } from '../fitted';

/** How a regulator is called: `radio BEC`, or `BEC of the port controller` where it is built in. */
export const regulatorName = ({ fitting, part }: Pick<Fitted, 'fitting' | 'part'>): string =>
  part.kind === 'bec' ? fitting.name : `BEC of the ${fitting.name}`;

/** What feeds a rail, as a person calls it: a pack, or a regulator. */
export const sourceName = (fitted: Pick<Fitted, 'fitting' | 'part'>): string =>
  fitted.part.kind === 'pack' ? fitted.fitting.name : regulatorName(fitted);

/** Volts a fitting's regulator is set to; where nobody has set one that has choices, any of them. Lowest first. */
export function regulatorChoices(
  { regulatorVolts }: Pick<Fitting, 'regulatorVolts'>,
  regulator: Regulator | undefined,
): readonly number[] {
  if (!regulator) return [];
  return regulatorVolts === undefined ? [...regulator.voltsChoices].sort((a, b) => a - b) : [regulatorVolts];
}
