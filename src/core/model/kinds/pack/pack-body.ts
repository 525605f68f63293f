import { packKilograms, wattHours } from '../../packs/pack-volts';
import type { Sides, UsualBody } from '../body';
import type { PackSpec } from './pack';
import { isLithium, type Chemistry } from '../../packs/chemistry';

/** Kilograms of a pack of no known capacity: rule of thumb. */
const usualKilograms = 0.2;

/** Watt-hours in a litre of pack: rules of thumb. */
const perLitre = (chemistry: Chemistry): number =>
  isLithium(chemistry) ? 300 : { NiMH: 180, 'dry cell': 140, 'lead-acid': 80 }[chemistry as 'NiMH'];

/** A brick for packs that drive, a flat box for dry cells. */
function packSides(part: PackSpec): Sides {
  const hours = wattHours(part, part.ampHours?.value ?? 2.2);
  const cubic = (hours / perLitre(part.chemistry)) * 1e6;
  const [along, across] = part.chemistry === 'dry cell' ? [2, 2] : [6, 2];
  const side = Math.cbrt(cubic / (along * across));
  return [along * side, across * side, side];
}

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const packBody: UsualBody<'pack'> = {
  kilograms: (part) =>
    part.ampHours ? packKilograms(part.chemistry, wattHours(part, part.ampHours.value)) : usualKilograms,
  sides: packSides,
  hold: 'foam and strap',
  liesOnSide: true,
};
