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

const unknown = { value: '', text: 'unknown' };

/** A choice that a sheet may be silent about; unknown takes it out. */
export function openChoice<Part extends PartSpec, Key extends keyof Part & string>(
  part: Part,
  key: Key,
  label: string,
  options: readonly (Part[Key] & string)[],
): SheetChoice {
  const value = part[key] as string | undefined;
  return sheetChoice(key, label, value ?? '', [unknown, ...plainOptions(options)], (chosen) =>
    withField(
      part,
      key,
      options.find((option) => option === chosen),
    ),
  );
}

/** Yes or no, where a sheet may be silent. */
export function yesOrNo<Part extends PartSpec, Key extends keyof Part & string>(
  part: Part,
  key: Key,
  label: string,
): SheetChoice {
  const value = part[key] as boolean | undefined;
  return sheetChoice(
    key,
    label,
    value === undefined ? '' : value ? 'yes' : 'no',
    [unknown, ...plainOptions(['yes', 'no'])],
    (chosen) => withField(part, key, chosen === '' ? undefined : chosen === 'yes'),
  );
}

/** A copy of a part with one field changed, or taken out where it is `undefined`. */
function withField<Part extends PartSpec>(part: Part, key: keyof Part & string, value: unknown): Part {
  const { [key]: _, ...rest } = part;
  return (value === undefined ? rest : { ...rest, [key]: value }) as Part;
}

/** Several of some options on a sheet, or none, or nothing said of them. */
export interface SheetSet {
  id: string;
  label: string;
  values: readonly string[];
  options: { value: string; text: string }[];
  /** A copy of the part with other ones chosen; with none of them the sheet is silent. */
  choose: (values: readonly string[]) => PartSpec;
}

export function sheetSet<Part extends PartSpec, Key extends keyof Part & string>(
  part: Part,
  key: Key,
  label: string,
  options: SheetSet['options'],
): SheetSet {
  return {
    id: key,
    label,
    values: (part[key] as readonly string[] | undefined) ?? [],
    options,
    choose: (values) => {
      const chosen = options.map(({ value }) => value).filter((value) => values.includes(value));
      return withField(part, key, chosen.length === 0 ? undefined : chosen);
    },
  };
}
