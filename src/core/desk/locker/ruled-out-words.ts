import { kilogramCentimetre } from '../../base/quantity/constants';
import type { PartSpec } from '../../model/kinds/part-spec';
import { servoFigureAt } from '../../model/kinds/servo/servo-sheet';
import { formatQuantity } from '../../base/quantity/format';
import type { UnitChoice } from '../../base/quantity/unit-choice';

/**
 * Why a part of the same kind cannot do the work of another at all, with the two figures that decide it where they are
 * known.
 * @param volts where the one that stands there takes its power; a servo is compared at those
 */
export function ruledOutWords(candidate: PartSpec, part: PartSpec, volts: number, units: UnitChoice): string {
  if (candidate.kind !== 'servo' || part.kind !== 'servo') return 'it is made for other work';
  if (candidate.wires === 5) return 'its five wires do not go to a receiver';
  const [given, wanted] = [candidate, part].map(
    (servo) => servoFigureAt(servo, 'stallNewtonMetres', volts)?.value,
  );
  const shown = (newtonMetres: number) => formatQuantity(newtonMetres / kilogramCentimetre, 'kg·cm', units);
  if (given !== undefined && wanted !== undefined && given < wanted)
    return `${shown(given)} at ${formatQuantity(volts, 'V')}, and what stands there gives ${shown(wanted)}`;
  return 'it turns another way, or by another number of turns';
}
