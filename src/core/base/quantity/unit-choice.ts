import { unitRatio } from './read-quantity';

/** Measures that benches write in different units, the usual one first. */
export const unitChoices = {
  torque: ['kg·cm', 'oz-in', 'N·m'],
  length: ['mm', 'in'],
  mass: ['g', 'oz'],
} as const;

export type Quantity = keyof typeof unitChoices;
/** The units that a person wants figures in. */
export type UnitChoice = { [Each in Quantity]: (typeof unitChoices)[Each][number] };

export const benchUnits: UnitChoice = { torque: 'kg·cm', length: 'mm', mass: 'g' };

/** The unit that stands for another one under a choice; the same where it is no matter of choice. */
export function chosenUnit(unit: string, choice: UnitChoice): string {
  const quantity = (Object.keys(unitChoices) as Quantity[]).find((each) => unitChoices[each][0] === unit);
  return quantity === undefined ? unit : choice[quantity];
}

/** A number in the unit that stands for its own under a choice. */
export function inChosenUnit(
  value: number,
  unit: string,
  choice: UnitChoice,
): { value: number; unit: string } {
  const chosen = chosenUnit(unit, choice);
  return chosen === unit ? { value, unit } : { value: value * unitRatio(unit, chosen), unit: chosen };
}

/** The same field of a sheet, read and shown in the unit that was chosen. */
export function inChosenUnits<Field extends { unit: string; scale: number }>(
  field: Field,
  choice: UnitChoice,
): Field {
  const unit = chosenUnit(field.unit, choice);
  return unit === field.unit ? field : { ...field, unit, scale: field.scale * unitRatio(unit, field.unit) };
}
