import { figureNames, valueWords } from '../../model/kinds/figure-names';
import type { LabelFigure } from './reading';

/** `stall torque 20 kg·cm at 7.4 V`. */
export function figureWords({ name, value, atVolts, chemistry }: Omit<LabelFigure, 'from'>): string {
  const at = atVolts === undefined ? '' : ` at ${atVolts} V`;
  return `${figureNames[name]} ${valueWords(name, value)}${at}${chemistry ? ` ${chemistry}` : ''}`;
}
