import type { Settling } from '../../judgement/findings/finding';
import { estimated, type Provenance } from '../../base/validation/figure';
import { failure, success, type Result } from '../../base/result';
import { sheetFields } from '../../model/kinds';
import type { PartSpec } from '../../model/kinds/part-spec';
import { rangeWords, written } from '../../model/kinds/usual-sheet';
import type { SheetField } from '../../model/parts/sheet-field';
import { figureAt, readField, withFigure } from './sheet-fields';

/** The sheet with the usual value of a figure that an open verdict hangs on, as its owner's estimate. */
export const takenUsual = (part: PartSpec, settling: Settling): PartSpec =>
  written(part, settling.name, estimated(settling.likely, rangeWords(settling)));

/** The field of a sheet that such a figure is typed into; `undefined` where the sheet has none. */
export function settlingField(part: PartSpec, settling: Settling): SheetField | undefined {
  const sheet = takenUsual(part, settling);
  return sheetFields(sheet).find(
    (field) => figureAt(part, field) === undefined && figureAt(sheet, field)?.note === rangeWords(settling),
  );
}

/** The sheet with such a figure as it was typed, in any unit that fits. @returns why it cannot be kept, where it cannot */
export function settledSheet(
  part: PartSpec,
  settling: Settling,
  text: string,
  provenance: Provenance,
): Result<PartSpec, string> {
  const field = settlingField(part, settling);
  if (!field) return failure('type it on the sheet of the part');
  if (text.trim() === '') return failure('type a number');
  const sheet = takenUsual(part, settling);
  const read = readField(sheet, field, text, provenance);
  return read.ok ? success(withFigure(sheet, field, read.value)) : read;
}
