import { kinds, sheetFields } from '../../model/kinds';
import type { PartKind, PartSpec } from '../../model/kinds/part-spec';
import type { SheetField } from '../../model/parts/sheet-field';
import type { Figure } from '../../base/validation/figure';
import { benchUnits, chosenUnit, inChosenUnits } from '../../base/quantity/unit-choice';
import type { LockerItem } from '../../model/kinds/locker-item';
import { kindChoices, sheetSets } from './sheet-choices';
import { figureAt } from './sheet-fields';
import { sheetLists } from './sheet-lists';

/** A figure, or a choice, that sheets of a kind have: what two sheets call alike is one column. */
export interface SheetColumn {
  label: string;
  /** Unit of the bench; empty for what is chosen. */
  unit: string;
}

/** What a sheet says in a column: the number in the column's unit where it is one, and as it is shown. */
export interface SheetCell {
  text: string;
  value?: number;
}

/** The column of the radio links that a receiver or a transmitter speaks. */
export const linksLabel = 'Links';

const numberIn = (figure: Figure, field: SheetField): number =>
  Number((figure.value / field.scale).toPrecision(4));

/** The columns that the sheets of some parts have together, in the order of the sheets. */
export function sheetColumns(parts: readonly PartSpec[], units = benchUnits): SheetColumn[] {
  const known = new Map<string, SheetColumn>();
  for (const part of parts)
    for (const { label, unit } of sheetFields(part))
      known.set(label, { label, unit: chosenUnit(unit, units) });
  for (const part of parts) {
    for (const { label } of [...kindChoices(part), ...sheetSets(part), ...sheetLists(part)])
      known.set(label, { label, unit: '' });
    if ('protocols' in part) known.set(linksLabel, { label: linksLabel, unit: '' });
  }
  return [...known.values()];
}

/** What a part's sheet says, by column label; columns that it is silent in are left out. */
export function sheetCells(part: PartSpec, units = benchUnits): Map<string, SheetCell> {
  const cells = new Map<string, SheetCell>();
  for (const { label, value, options } of kindChoices(part)) {
    const text = options.find((option) => option.value === value)?.text ?? value;
    if (value !== '') cells.set(label, { text });
  }
  for (const { label, values, options } of sheetSets(part)) {
    const texts = options.filter(({ value }) => values.includes(value)).map(({ text }) => text);
    if (texts.length > 0) cells.set(label, { text: texts.join('; ') });
  }
  for (const { label, text } of sheetLists(part)) if (text !== '') cells.set(label, { text });
  if ('protocols' in part && part.protocols.length > 0)
    cells.set(linksLabel, { text: part.protocols.join('; ') });
  for (const field of sheetFields(part)) {
    const figure = figureAt(part, field);
    if (!figure) continue;
    const value = numberIn(figure, inChosenUnits(field, units));
    const mark = figure.provenance === 'stated' ? '' : ` (${figure.provenance})`;
    // What is read is as exact as sheets are; what goes out as a file keeps what it is.
    cells.set(field.label, { text: `${Number(value.toPrecision(3))}${mark}`, value });
  }
  return cells;
}

/** A line of a comparison: one column of some sheets, and whether they differ in it. */
export interface ComparedRow extends SheetColumn {
  cells: (SheetCell | undefined)[];
  differs: boolean;
}

/** Sheets side by side: every column that at least one of them fills, with what differs marked. */
export function compareSheets(parts: readonly PartSpec[], units = benchUnits): ComparedRow[] {
  const all = parts.map((part) => sheetCells(part, units));
  return sheetColumns(parts, units)
    .map((column): ComparedRow => {
      const cells = all.map((each) => each.get(column.label));
      const texts = new Set(cells.map((cell) => cell?.text));
      return { ...column, cells, differs: texts.size > 1 };
    })
    .filter(({ cells }) => cells.some((cell) => cell !== undefined));
}

/** Columns of a table that are not of the sheet itself. */
export const ownColumns = ['Name', 'Maker', 'State', 'Price', 'Remark'] as const;

/** How a column is headed in a table file: its label with its unit. */
const heading = ({ label, unit }: SheetColumn): string => (unit === '' ? label : `${label} [${unit}]`);

export const stateNames: Record<LockerItem['state'], string> = {
  own: 'own',
  mightBuy: 'might buy',
  catalogue: '',
};

/** The parts of a kind as a table, each figure in the unit of its column. */
export function lockerTable(items: readonly LockerItem[]): { fields: string[]; data: (string | number)[][] } {
  const columns = sheetColumns(items.map(({ part }) => part));
  return {
    fields: [...ownColumns, ...columns.map(heading)],
    data: items.map(({ part, state, price }) => {
      const cells = sheetCells(part);
      return [
        part.name,
        part.maker ?? '',
        stateNames[state],
        price ?? '',
        part.remark ?? '',
        ...columns.map(({ label }) => cells.get(label)?.value ?? cells.get(label)?.text ?? ''),
      ];
    }),
  };
}

/** What a kind is called in a file's name. */
export const tableName = (kind: PartKind): string =>
  kinds[kind].words.many.toLowerCase().replaceAll(/\W+/g, '-');
