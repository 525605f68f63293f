import { partProblem } from '../../model/kinds/part-problem';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { SheetField } from '../../model/parts/sheet-field';
import type { Figure, Provenance } from '../../base/validation/figure';
import { readQuantity } from '../../base/quantity/read-quantity';
import { failure, success, type Result } from '../../base/result';

/** The figure of a field; `undefined` where the sheet is silent. */
export function figureAt(part: PartSpec, { path }: SheetField): Figure | undefined {
  return path
    .split('.')
    .reduce<unknown>((node, key) => (node as Record<string, unknown> | undefined)?.[key], part) as
    Figure | undefined;
}

/** A copy of the part with one figure changed, or taken out where it is `undefined`. */
export function withFigure(part: PartSpec, { path }: SheetField, figure: Figure | undefined): PartSpec {
  const copy = structuredCloneOf(part);
  const keys = path.split('.');
  const last = keys.pop()!;
  const holder = keys.reduce(
    (node, key) => node[key] as Record<string, unknown>,
    copy as unknown as Record<string, unknown>,
  );
  if (figure === undefined) delete holder[last];
  else holder[last] = figure;
  return copy;
}

const structuredCloneOf = (part: PartSpec): PartSpec => JSON.parse(JSON.stringify(part)) as PartSpec;

/** Why a sheet cannot be kept with this figure in a field, in the unit of the bench; `undefined` where it can. */
export function fieldProblem(
  part: PartSpec,
  field: SheetField,
  figure: Figure | undefined,
): string | undefined {
  const problem = partProblem(withFigure(part, field, figure), part.name);
  if (!problem) return undefined;
  const range = /between (\S+) and (\S+)$/.exec(problem.why);
  if (!range) return figure === undefined ? 'its sheet must state this' : problem.why;
  const [least, most] = [range[1], range[2]].map((text) =>
    Number((Number(text) / field.scale).toPrecision(3)),
  );
  return `from ${least} to ${most} ${field.unit}`;
}

/**
 * A figure as it was typed into a field, in any unit that fits; `undefined` where nothing is typed.
 * @param provenance where it comes from
 * @returns why the sheet cannot be kept with it, where it cannot
 */
export function readField(
  part: PartSpec,
  field: SheetField,
  text: string,
  provenance: Provenance,
): Result<Figure | undefined, string> {
  const read = text.trim() === '' ? success(undefined) : readQuantity(text, field);
  if (!read.ok) return read;
  const figure = read.value && { ...read.value, provenance };
  const why = fieldProblem(part, field, figure);
  return why === undefined ? success(figure) : failure(why);
}
