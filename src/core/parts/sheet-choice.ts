import type { PartSpec } from './part-spec';

/** Something on a sheet that is chosen, not measured. */
export interface SheetChoice {
  id: string;
  label: string;
  value: string;
  options: { value: string; text: string }[];
  /** A copy of the part with another choice. */
  choose: (value: string) => PartSpec;
}

export const plainOptions = (values: readonly string[]) => values.map((value) => ({ value, text: value }));

export const numberOptions = (from: number, to: number) =>
  plainOptions(Array.from({ length: Math.max(to - from + 1, 0) }, (_, n) => String(from + n)));

/** A choice among options; what a sheet has that no option names stays choosable. */
export function sheetChoice(
  id: string,
  label: string,
  value: string,
  options: SheetChoice['options'],
  choose: SheetChoice['choose'],
): SheetChoice {
  const isKnown = options.some((option) => option.value === value);
  return { id, label, value, options: isKnown ? options : [{ value, text: value }, ...options], choose };
}
