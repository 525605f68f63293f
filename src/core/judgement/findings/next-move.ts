import { formatQuantity } from '../../base/quantity/format';
import { benchUnits } from '../../base/quantity/unit-choice';
import type { Finding } from './finding';
import { isMeasured } from './finding-words';

/** What would help where no single change does: the figure that a part must have, or what else is left to do. */
export function nextMove({ actual, limit, bound, unit }: Finding, units = benchUnits): string {
  if (unit === '°') return 'What would help: something heavy moved to the other side or end.';
  if (!isMeasured(unit)) return 'Undo what caused it, or change the part.';
  const [has, needs] = [formatQuantity(actual, unit, units), formatQuantity(limit, unit, units)];
  if (bound === 'most') return `What would help: a part for ${has} or more.`;
  // Volts that are left may also be enough for another part.
  return unit === 'V'
    ? `What would help: ${needs} or more, or a part that needs no more than ${has}.`
    : `What would help: ${needs} or more.`;
}
