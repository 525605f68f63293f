import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkBuild } from '../../judgement/check/check-build';
import { partProblem } from '../kinds/part-problem';
import { blankPart } from '../../desk/locker/blank-part';
import { loomModel } from '../../desk/loom/loom-model';
import { componentKinds, type BoardSpec } from '../kinds/board/board';
import type { ControllerSpec } from '../kinds/controller/controller';
import { stated } from '../../base/validation/figure';
import { sketchBuild } from '../plan/sketch-build';
import { starterLocker, starterPart } from '../starter/starter-locker';
import { Survey } from '../../reading/survey/survey';
import { markdownSheet } from '../../bench/sheet/markdown-sheet';
import { addComponent, changeComponent, removeComponent } from '../../desk/locker/components';
import { addServoRow, addStream, moveServoRow, removeRow } from './rows';
import { sheetEdit } from '../../desk/locker/sheet-edit';
import { wiringChoices } from './wiring-choices';

const empty = blankPart('board', 'mine') as BoardSpec;
const choose = (board: BoardSpec, component: string, choice: string, value: string): BoardSpec => {
  const found = board.components.find(({ id }) => id === component)!;
  return wiringChoices(board, found)
    .find(({ id }) => id === choice)!
    .choose(value) as BoardSpec;
};
const rowIds = (board: BoardSpec) => board.ports.map(({ id }) => id);

describe('a board typed in from nothing', () => {
  it('begins with nothing, and says so', () => {
    expect(empty).toMatchObject({ components: [], ports: [] });
    expect(partProblem(empty, 'part')).toBeUndefined();
  });

  it('gets the rows that its components want, and loses them with them', () => {
    const both = addComponent(addComponent(empty, 'receiver'), 'controller');
    expect(rowIds(both)).toEqual(['power', 'motor', 'in']);
    const inside = choose(both, 'controller', 'listens', 'ch2');
    expect(rowIds(inside)).toEqual(['power', 'motor']);
    const sockets = addServoRow(addServoRow(inside));
    expect(sockets.ports.flatMap(({ channel }) => channel ?? [])).toEqual([1, 2]);
    expect(moveServoRow(sockets, 'servo', 5).ports.find(({ id }) => id === 'servo')?.channel).toBe(5);
    expect(rowIds(removeComponent(sockets, 'controller'))).toEqual(['servo', 'servo-2']);
    expect(rowIds(choose(inside, 'controller', 'listens', 'row'))).toEqual(['power', 'motor', 'in']);
  });

  it('keeps the motor’s row to what its controller drives', () => {
    const board = addComponent(empty, 'controller');
    const part = board.components[0]!.part as ControllerSpec;
    const three = changeComponent(board, 'controller', { part: { ...part, drives: 'brushless' } });
    expect(three.ports.find(({ use }) => use === 'motor')?.pins).toHaveLength(3);
  });

  it('lets two outputs hang on one channel, and each on the pack’s volts or the rail’s', () => {
    const two = addComponent(addComponent(empty, 'electronicSwitch'), 'electronicSwitch');
    const shared = choose(two, 'output-2', 'listens', 'output in');
    expect(shared.ports.filter(({ flow }) => flow === 'in').map(({ id }) => id)).toEqual(['in']);
    const raw = choose(shared, 'output', 'feed', 'raw');
    expect(raw.ports.find(({ id }) => id === 'out')?.pins[0]?.net).toBe('raw');
    expect(raw.ports.find(({ id }) => id === 'out-2')?.pins[0]?.net).toBe('rail');
  });

  it('stays whole under any edits, and is read without a throw', () => {
    const edit = fc.oneof(
      fc.constantFrom(...componentKinds).map((kind) => (board: BoardSpec) => addComponent(board, kind)),
      fc.nat(8).map((n) => (board: BoardSpec) => removeComponent(board, board.components[n]?.id ?? '')),
      fc.nat(20).map((n) => (board: BoardSpec) => removeRow(board, board.ports[n]?.id ?? '')),
      fc.constant(addServoRow),
      fc
        .constantFrom('in' as const, 'out' as const)
        .map((flow) => (board: BoardSpec) => addStream(board, flow, 3)),
      fc.tuple(fc.nat(8), fc.nat(3), fc.nat(30)).map(([n, which, option]) => (board: BoardSpec) => {
        const component = board.components[n];
        const choice = component && wiringChoices(board, component)[which];
        const value = choice?.options[option % choice.options.length]?.value;
        return value === undefined ? board : (choice!.choose(value) as BoardSpec);
      }),
    );
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 14 }), (edits) => {
        const board = edits.reduce((now, each) => each(now), empty);
        expect(partProblem(board, 'part')).toBeUndefined();
        const rows = rowIds(board);
        expect(new Set(rows).size).toBe(rows.length);
        const build = sketchBuild({ fittings: [{ id: 'b', name: 'board', part: 'mine' }] }, () => board);
        const check = checkBuild(build, starterLocker);
        expect(loomModel(check.context).nodes[0]?.ports.map(({ id }) => id)).toEqual(rows);
        expect(markdownSheet(check)).toContain('Board');
      }),
      { numRuns: 60 },
    );
  });
});

describe('a figure that is asked of what sits on a board', () => {
  it('is written on the sheet of the board', () => {
    const build = sketchBuild(
      { fittings: [{ id: 'b', name: 'board', part: 'board-receiver-6' }] },
      starterPart,
    );
    const { index } = new Survey(build);
    const fitted = index.get('b/controller');
    const edit = sheetEdit(index, fitted, { ...fitted.part, burstAmps: stated(60) } as typeof fitted.part);
    expect(edit).toMatchObject({ type: 'changeSheet', sheet: { id: 'board-receiver-6' } });
    const sheet = (edit as { sheet: BoardSpec }).sheet;
    expect(sheet.components[1]?.part).toMatchObject({
      id: 'controller',
      burstAmps: { value: 60 },
      ports: [],
    });
    expect(partProblem(sheet, 'part')).toBeUndefined();
  });
});
