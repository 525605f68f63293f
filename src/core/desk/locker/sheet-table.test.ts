import { describe, expect, it } from 'vitest';
import { partProblem } from '../../model/kinds/part-problem';
import { partKinds } from '../../model/kinds/part-spec';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import type { LockerItem } from '../../model/kinds/locker-item';
import { columnTargets, matchColumns, readSheetTable } from './read-sheet-table';
import { compareSheets, lockerTable, sheetCells } from './sheet-table';

const itemsOf = (kind: string): LockerItem[] =>
  starterLocker
    .filter((part) => part.kind === kind)
    .map((part, n) => ({ part, state: n % 2 ? 'own' : 'catalogue', price: 5 + n, isStarter: true }));

let count = 0;
const newId = () => `typed-${(count += 1)}`;
const read = (kind: (typeof partKinds)[number], headings: string[], rows: string[][]) =>
  readSheetTable(kind, headings, rows, matchColumns(headings, columnTargets(kind, headings)), newId);

describe('a locker as a table', () => {
  it.each(partKinds)('of every %s comes back with the figures and choices it went out with', (kind) => {
    const items = itemsOf(kind);
    const { fields, data } = lockerTable(items);
    const back = read(
      kind,
      fields,
      data.map((row) => row.map(String)),
    );
    expect(back.problems).toEqual([]);
    expect(back.items).toHaveLength(items.length);
    for (const [n, { part, state, price }] of back.items.entries()) {
      expect([part.name, state, price]).toEqual([items[n]!.part.name, items[n]!.state, items[n]!.price]);
      expect(partProblem(part, 'part')).toBeUndefined();
      const [was, is] = [sheetCells(items[n]!.part), sheetCells(part)];
      // Of a board what sits on it comes back; the figures of each wait for their sheets.
      if (kind === 'board') {
        expect(is.get('On it')).toEqual(was.get('On it'));
        continue;
      }
      for (const [label, { text }] of was)
        expect(is.get(label)?.text, `${part.name}, ${label}`).toBe(text.replace(/ \(\w+\)$/, ''));
    }
  });

  it('carries what sits on a board, with the rows that it wants, and says which words it knows', () => {
    const { items, problems } = read(
      'board',
      ['Name', 'On it'],
      [
        ['yard board', 'Receiver; controller; output; output; bec'],
        ['shed board', 'receiver; kettle'],
      ],
    );
    const [board] = items.map(({ part }) => part);
    expect(board?.kind === 'board' && board.components.map(({ part }) => part.kind)).toEqual([
      'receiver',
      'controller',
      'electronicSwitch',
      'electronicSwitch',
      'bec',
    ]);
    expect(board!.ports.length).toBeGreaterThanOrEqual(3);
    expect(partProblem(board!, 'part')).toBeUndefined();
    expect(problems).toMatchObject([{ row: 2, column: 'On it', text: 'receiver; kettle' }]);
    expect(problems[0]!.why).toContain('receiver; controller; output; BEC; load');
    expect(items[1]!.part.remark).toBe('On it: receiver; kettle');
  });

  it('carries the cells and turns of a controller, and says what they must look like', () => {
    const headings = ['Name', 'Drives', 'Turns no fewer than', 'Takes cells'];
    const { items, problems } = read('controller', headings, [
      ['yard controller', 'brushed', '2S 21T; 3 cells: 27', 'LiPo 2-3; NiMH up to 8'],
      ['shed controller', 'brushed', '2 cells: 21; 2 cells: 15', 'LiPo 3–2'],
      ['dock controller', 'brushless', '2 cells: 21', 'oil 2'],
    ]);
    expect(items[0]!.part).toMatchObject({
      turnLimits: [
        { cells: 2, turns: { value: 21 } },
        { cells: 3, turns: { value: 27 } },
      ],
      cellLimits: [
        { chemistry: 'LiPo', least: 2, most: 3 },
        { chemistry: 'NiMH', most: 8 },
      ],
    });
    expect(partProblem(items[0]!.part, 'part')).toBeUndefined();
    const cells = sheetCells(items[0]!.part);
    expect(cells.get('Turns no fewer than')?.text).toBe('2 cells: 21; 3 cells: 27');
    expect(cells.get('Takes cells')?.text).toBe('LiPo 2–3; NiMH up to 8');
    expect(problems.map(({ row, column }) => [row, column])).toEqual([
      [2, 'Turns no fewer than'],
      [2, 'Takes cells'],
      [3, 'Turns no fewer than'],
      [3, 'Takes cells'],
    ]);
    expect(items[1]!.part.remark).toContain('2 cells: 15');
  });

  it('takes cells over several lines as one line, so that no part vanishes when it is read back', () => {
    const { items, problems } = read(
      'servo',
      ['Name', 'Maker', 'Remark'],
      [['low\nprofile\tservo', 'a\u0007 maker', 'from the\r\nold hull']],
    );
    expect(problems).toEqual([]);
    expect(items.map(({ part }) => [part.name, part.maker, part.remark])).toEqual([
      ['low profile servo', 'a maker', 'from the old hull'],
    ]);
    for (const { part } of items) expect(partProblem(part, 'part')).toBeUndefined();
  });

  it('takes headings in any order and figures in any unit, and tells which cells it cannot read', () => {
    const { items, problems } = read(
      'servo',
      ['torque at 6 V (oz-in)', 'Name', 'Stalled at 6 V', 'Colour', 'Price', 'Most volts [V]'],
      [
        ['83', 'harbour servo', '900 mA', 'grey', '12,50', '2S'],
        ['much', 'lake servo', '', '', 'dear', '6'],
        ['', '', '1', '', '', ''],
        ['', '', '', '', '', ''],
      ],
    );
    expect(problems).toEqual([
      { row: 2, column: 'Price', text: 'dear', why: 'a number from 0 to 1000000' },
      expect.objectContaining({ row: 2, column: 'torque at 6 V (oz-in)', text: 'much' }),
      { row: 3, column: 'Name', text: '', why: 'a part must have a name' },
    ]);
    expect(items.map(({ part, price }) => [part.name, price])).toEqual([
      ['harbour servo', 12.5],
      ['lake servo', undefined],
    ]);
    const cells = sheetCells(items[0]!.part);
    expect(cells.get('Stall torque at 6 V')?.value).toBeCloseTo(5.977, 2);
    expect(cells.get('Stall current at 6 V')?.value).toBe(0.9);
    expect(cells.get('Max voltage')?.value).toBe(8.4);
    // Nothing typed is lost: what cannot be read is kept as a remark.
    expect(items[1]!.part.remark).toBe('torque at 6 V (oz-in): much');
  });
});

describe('sheets side by side', () => {
  const rows = compareSheets([starterPart('servo-standard'), starterPart('servo-strong')]);

  it('mark what differs, and leave out what both are silent about', () => {
    const torque = rows.find(({ label }) => label === 'Stall torque at 6 V')!;
    expect(torque.differs).toBe(true);
    expect(torque.cells[1]!.value).toBeGreaterThan(torque.cells[0]!.value!);
    expect(rows.find(({ label }) => label === 'Wires')?.differs).toBe(false);
    expect(rows.every(({ cells }) => cells.some((cell) => cell !== undefined))).toBe(true);
  });
});
