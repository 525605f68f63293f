import { kindOfAny } from '../../model/kinds';
import { remembered } from '../../base/remembered';
import { formatQuantity } from '../../base/quantity/format';
import type { UnitChoice } from '../../base/quantity/unit-choice';
import type { LockerItem } from '../../model/kinds/locker-item';
import { voltSpan } from './volt-ladder';

/** What decides between parts of a kind, in a line: volts, torque, amps, what it costs and whether it lies on the shelf. */
export const choiceNote = remembered(({ part, state, price }: LockerItem, units: UnitChoice): string => {
  const span = part.kind === 'pack' ? undefined : voltSpan(part);
  return [
    span && `${span.least > 0 ? `${span.least.toFixed(1)} to ` : 'up to '}${formatQuantity(span.most, 'V')}`,
    ...kindOfAny(part).decides(part, units),
    state === 'own' ? 'own' : price === undefined ? undefined : price.toFixed(2),
  ]
    .filter(Boolean)
    .join(', ');
});
