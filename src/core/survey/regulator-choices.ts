import type { Regulator } from '../parts/regulator';
import type { Fitting } from '../plan/fitting';
import type { Fitted } from './build-index';

/** How a regulator is called: `radio BEC`, or `BEC of the port controller` where it is built in. */
export const regulatorName = ({ fitting, part }: Pick<Fitted, 'fitting' | 'part'>): string =>
  part.kind === 'bec' ? fitting.name : `BEC of the ${fitting.name}`;

/** Volts a fitting's regulator is set to; where nobody has set one that has choices, any of them. Lowest first. */
export function regulatorChoices(
  { regulatorVolts }: Pick<Fitting, 'regulatorVolts'>,
  regulator: Regulator | undefined,
): readonly number[] {
  if (!regulator) return [];
  return regulatorVolts === undefined ? [...regulator.voltsChoices].sort((a, b) => a - b) : [regulatorVolts];
}
