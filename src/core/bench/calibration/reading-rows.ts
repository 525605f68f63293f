import { readQuantity } from '../../base/quantity/read-quantity';
import { failure, success, type Result } from '../../base/result';
import type { TakenReading } from './calibrate';
import type { ReadingKind } from './reading-kinds';

/** Columns of a table of readings; the last two may be left out. */
export const readingColumns = ['what', 'value', 'unit', 'error'] as const;

/** Most readings that a table may hold. */
const mostRows = 500;

/**
 * Readings from a table, its head in the first row: `what,value,unit,error`, the error 1 σ in the same unit.
 * @returns the first row that cannot be read, with why; none of them is taken then
 */
export function readReadingRows(
  rows: readonly (readonly string[])[],
  kinds: readonly ReadingKind[],
): Result<TakenReading[], string> {
  const head = (rows[0] ?? []).map((cell) => cell.trim().toLowerCase());
  const column = (name: string) => head.indexOf(name);
  if (column('what') < 0 || column('value') < 0)
    return failure(`row 1: must be the head ${readingColumns.join(',')}`);
  if (rows.length - 1 > mostRows) return failure(`more than ${mostRows} rows`);
  const taken: TakenReading[] = [];
  for (const [n, row] of rows.entries()) {
    if (n === 0 || row.every((cell) => cell.trim() === '')) continue;
    const cell = (name: string) => row[column(name)]?.trim() ?? '';
    const where = `row ${n + 1}`;
    const kind = kinds.find(({ what }) => what === cell('what'));
    if (!kind)
      return failure(
        `${where}: “${cell('what').slice(0, 40)}” cannot be read on this model; there are ${kinds.map(({ what }) => what).join(', ') || 'none'}`,
      );
    const asked = { unit: kind.unit, scale: 1 };
    const value = readQuantity(`${cell('value')} ${cell('unit')}`, asked);
    if (!value.ok) return failure(`${where}: ${value.problem}`);
    if (value.value.value < kind.least || value.value.value > kind.most)
      return failure(`${where}: ${kind.name} from ${kind.least} to ${kind.most} ${kind.unit}`);
    const error = cell('error') === '' ? undefined : readQuantity(`${cell('error')} ${cell('unit')}`, asked);
    if (error && !error.ok) return failure(`${where}: error: ${error.problem}`);
    if (error && error.value.value < 0) return failure(`${where}: an error is 0 or more`);
    taken.push({
      what: kind.what,
      value: value.value.value,
      ...(error && { error: error.value.value }),
    });
  }
  return taken.length > 0 ? success(taken) : failure('no reading in it');
}
