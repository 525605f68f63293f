import { formatQuantity } from '../../base/quantity/format';
import { benchUnits } from '../../base/quantity/unit-choice';
import type { Finding } from './finding';
import { isMeasured } from './finding-words';

/** What would help where no single change does: the figure that a part must have, or what else is left to do. */
export function nextMove({ actual, bound, unit }: Finding, units = benchUnits): string {
  if (!isMeasured(unit)) return 'Undo what caused it, or change the part.';
  const figure = formatQuantity(actual, unit, units);
  return bound === 'most'
    ? `What would help: a part for ${figure} or more.`
    : `What would help: a part that needs no more than ${figure}.`;
}
