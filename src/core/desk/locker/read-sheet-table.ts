import { sheetFields } from '../../model/kinds';
import type { PartKind, PartSpec } from '../../model/kinds/part-spec';
import { starterLocker } from '../../model/starter/starter-locker';
import { blankPart } from './blank-part';
import type { LockerItem } from '../../model/kinds/locker-item';
import { partProblem } from '../../model/kinds/part-problem';
import { kindChoices, sheetSets } from './sheet-choices';
import { readField, withFigure } from './sheet-fields';
import { sheetLists } from './sheet-lists';
import { addVoltage, moveVoltage, withProtocols, withRegulatorVolts } from './sheet-rows';
import { linksLabel, ownColumns, sheetColumns, stateNames } from './sheet-table';

/** Most rows that one table brings. */
const mostTableRows = 12_000;

/** A cell that could not be read: its row counted from 1 without the heading, what stands there, and why not. */
interface CellProblem {
  row: number;
  column: string;
  text: string;
  why: string;
}

export interface SheetTable {
  items: LockerItem[];
  problems: CellProblem[];
}

/** The column of a regulator's volts. */
const bec = 'BEC volts';

const volts = / at (\d+(?:\.\d+)?) V$/;

/** What a column of a table can stand for in sheets of a kind; a servo's voltages come with the columns that name them. */
export function columnTargets(kind: PartKind, headings: readonly string[]): string[] {
  const voltages = headings.flatMap((text) => volts.exec(bare(text))?.[1] ?? []);
  const part = withVoltages(blankPart(kind, 'blank'), voltages.map(Number));
  // Sheets of some parts of the kind have room for more than a blank one, by what is chosen on them.
  const others = starterLocker.filter((other) => other.kind === kind && kind !== 'board');
  return [...ownColumns, ...sheetColumns([part, ...others]).map(({ label }) => label)];
}

/** Headings of tables that were written before figures had their usual names. */
const oldHeadings: Record<string, string> = {
  weighs: 'weight',
  long: 'length',
  wide: 'width',
  high: 'height',
  stalled: 'stall current',
  'least volts': 'min voltage',
  'most volts': 'max voltage',
  'least input': 'min voltage',
  'most input': 'max voltage',
  continuous: 'continuous current',
  'draws itself': 'own current',
  draws: 'current',
  'inside one cell': 'internal resistance per cell',
  'ear to shaft': 'lug to shaft',
  'under its ears': 'depth below lugs',
  'horn hole at': 'horn hole radius',
  '100 is from the centre': 'travel at 100 from the centre',
};

/** The same of a servo's figures, which stand before their volts. */
const oldAtVolts = [
  ['torque at', 'stall torque at'],
  ['stalled at', 'stall current at'],
  ['sixty degrees at', 'speed at'],
  ['moving at', 'running current at'],
] as const;

/** The target that each heading names by itself; nothing where it names none. */
export function matchColumns(
  headings: readonly string[],
  targets: readonly string[],
): (string | undefined)[] {
  const plain = (text: string) =>
    bare(text)
      .toLowerCase()
      .replaceAll(/[^\p{L}\p{N}.]+/gu, ' ')
      .trim();
  return headings.map((text) => {
    const [named, now] = [plain(text), oldHeadings[plain(text)]];
    // A BEC's own limits are those of its input; bursts are amps, or of a pack multiples of its capacity.
    const names = [named, now, now && `${now.split(' ')[0]} input voltage`];
    for (const [was, is] of oldAtVolts) if (named.startsWith(was)) names.push(named.replace(was, is));
    if (named === 'for seconds') names.push('burst current', 'burst discharge rate');
    return names
      .map((name) => targets.find((target) => plain(target) === name))
      .find((target) => target !== undefined);
  });
}

/** A cell as one line: line breaks and tabs inside one are spaces, and what no eye sees is nothing. */
const cleaned = (cell: string): string =>
  cell
    .replaceAll(/\s+/g, ' ')
    .replaceAll(/\p{Cc}/gu, '')
    .trim();

/** A heading without the unit that stands behind it. */
const bare = (text: string): string => text.replace(/\s*[[(][^\])]*[\])]\s*$/, '').trim();

/**
 * Parts of a kind from the rows of a table. A row without a name is no part. What cannot be read is told, and kept as
 * a remark on its part.
 * @param targets what each column stands for; nothing for one that is left out
 * @param newId an id that no part of the locker has
 */
export function readSheetTable(...asked: Parameters<typeof readInParts>): SheetTable {
  let read: SheetTable = { items: [], problems: [] };
  for (const part of readInParts(...asked)) read = part;
  return read;
}

/** Rows that are read before whoever waits is told how far it is. */
const rowsInPart = 200;

/** The same part by part, for a table so long that somebody waits: what is read so far, and at the end all of it. */
export function* readInParts(
  kind: PartKind,
  headings: readonly string[],
  rows: readonly (readonly string[])[],
  targets: readonly (string | undefined)[],
  newId: () => string,
): Generator<SheetTable> {
  const items: LockerItem[] = [];
  const problems: CellProblem[] = [];
  const voltages = targets
    .flatMap((target) => Number(volts.exec(target ?? '')?.[1] ?? NaN))
    .filter(Number.isFinite);
  const blank = withVoltages(blankPart(kind, 'blank'), voltages);
  for (const [n, typed] of rows.slice(0, mostTableRows).entries()) {
    if (n > 0 && n % rowsInPart === 0) yield { items, problems };
    const cells = typed.map(cleaned);
    const at = (target: string) => cells[targets.indexOf(target)] ?? '';
    const name = at('Name').slice(0, 80);
    if (cells.every((cell) => cell === '')) continue;
    const refuse = (column: string, text: string, why: string) =>
      problems.push({ row: n + 1, column, text, why });
    if (name === '') {
      refuse('Name', '', 'a part must have a name');
      continue;
    }
    const unread: string[] = [];
    const state = stateOf(at('State'));
    if (state === undefined) refuse('State', at('State'), 'own, might buy, or nothing');
    const price = at('Price') === '' ? undefined : Number(at('Price').replace(',', '.'));
    const isPrice = price === undefined || (Number.isFinite(price) && price >= 0 && price <= 1_000_000);
    if (!isPrice) refuse('Price', at('Price'), 'a number from 0 to 1000000');
    let part = { ...blank, id: newId(), name };
    if (at('Maker')) part = { ...part, maker: at('Maker').slice(0, 60) };
    // What is chosen first: which figures a sheet has room for goes by it.
    const isChosen = (target: string | undefined) =>
      Number(kindChoices(part).some(({ label }) => label === target));
    const order = [...targets.entries()].sort(([, a], [, b]) => isChosen(b) - isChosen(a));
    for (const [column, target] of order) {
      const text = cells[column] ?? '';
      if (target === undefined || text === '' || ownColumns.some((own) => own === target)) continue;
      const read = withCell(part, target, withUnit(text, headings[column] ?? ''));
      if (typeof read === 'string') {
        refuse(headings[column] ?? target, text, read);
        unread.push(`${headings[column] ?? target}: ${text}`);
      } else part = read;
    }
    const remark = [at('Remark'), ...unread].filter(Boolean).join('; ').slice(0, 500);
    if (remark !== '') part = { ...part, remark };
    // What the locker could not read back is told here, and not kept.
    const problem = partProblem(part, name);
    if (problem) {
      refuse(problem.where, name, problem.why);
      continue;
    }
    items.push({
      part,
      state: state ?? 'catalogue',
      ...(isPrice && price !== undefined && { price }),
      isStarter: false,
    });
  }
  if (rows.length > mostTableRows)
    problems.push({
      row: mostTableRows + 1,
      column: 'all',
      text: '',
      why: `a table brings ${mostTableRows} parts at most; those behind were left out`,
    });
  yield { items, problems };
}

/** A bare number has the unit that its heading names. */
function withUnit(text: string, headed: string): string {
  const unit = /[[(]([^\])]+)[\])]\s*$/.exec(headed)?.[1];
  return unit !== undefined && /^[-+]?[\d.,]+$/.test(text) ? `${text} ${unit}` : text;
}

const stateOf = (text: string): LockerItem['state'] | undefined =>
  (Object.keys(stateNames) as LockerItem['state'][]).find(
    (state) => stateNames[state] === text.toLowerCase() || state.toLowerCase() === text.toLowerCase(),
  );

/** The part with one more thing said, or why it cannot be. */
function withCell(part: PartSpec, label: string, text: string): PartSpec | string {
  if (label === linksLabel && (part.kind === 'receiver' || part.kind === 'transmitter'))
    return withProtocols(part, text.replaceAll(';', ','));
  if (label === bec && (part.kind === 'controller' || part.kind === 'bec')) {
    const read = withRegulatorVolts(part, text);
    return read.ok ? read.value : read.problem;
  }
  const set = sheetSets(part).find((each) => each.label === label);
  if (set) {
    const asked = text.split(';').map((each) => each.trim().toLowerCase());
    const found = set.options.filter((option) => asked.includes(option.text.toLowerCase()));
    const unknown = asked.find((each) => set.options.every((option) => option.text.toLowerCase() !== each));
    if (unknown === undefined) return set.choose(found.map(({ value }) => value));
    return `“${unknown}” is none of ${set.options.map((each) => each.text).join('; ')}`;
  }
  const list = sheetLists(part).find((each) => each.label === label);
  if (list) return list.read(text);
  const choice = kindChoices(part).find((each) => each.label === label);
  if (choice) {
    const wanted = text.toLowerCase();
    const option = choice.options.find(
      (each) => each.text.toLowerCase() === wanted || each.value.toLowerCase() === wanted,
    );
    return option
      ? choice.choose(option.value)
      : `one of ${choice.options.map((each) => each.text).join(', ')}`;
  }
  const field = sheetFields(part).find((each) => each.label === label);
  if (!field) return 'this sheet has no room for it';
  const read = readField(part, field, text.replace(/\s*\((?:measured|estimated)\)$/, ''), 'stated');
  if (!read.ok) return read.problem;
  return withFigure(part, field, read.value);
}

/** A servo's blank sheet with room for some voltages; any other part as it is. */
function withVoltages(part: PartSpec, wanted: readonly number[]): PartSpec {
  if (part.kind !== 'servo') return part;
  return [...new Set(wanted)].reduce((servo, each) => {
    if (servo.sheet.some((point) => point.volts.value === each)) return servo;
    const more = addVoltage(servo);
    return more === servo ? servo : moveVoltage(more, more.sheet.length - 1, each);
  }, part);
}
