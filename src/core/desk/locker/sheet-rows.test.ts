import { describe, expect, it } from 'vitest';
import { firstProblem } from '../../base/validation/validate';
import { partClasses, partKinds } from '../../model/kinds/part-spec';
import type { ReceiverSpec } from '../../model/kinds/receiver/receiver';
import type { ControllerSpec } from '../../model/kinds/controller/controller';
import type { ServoSpec } from '../../model/kinds/servo/servo';
import type { TransmitterSpec } from '../../model/kinds/transmitter/transmitter';
import { starterPart } from '../../model/starter/starter-locker';
import { blankPart } from './blank-part';
import { sheetFields } from '../../model/kinds';
import { withChannels } from '../../model/kinds/receiver/receiver-kind';
import { figureAt } from './sheet-fields';
import {
  addCellLimit,
  addControl,
  addTurnLimit,
  addVoltage,
  changeCellLimit,
  changeControl,
  changeTurnLimit,
  moveVoltage,
  removeControl,
  removeVoltage,
  withProtocols,
  withRegulatorVolts,
} from './sheet-rows';

const servo = starterPart('servo-standard') as ServoSpec;
const receiver = starterPart('receiver-8-skerry') as ReceiverSpec;
const transmitter = starterPart('transmitter-10') as TransmitterSpec;
const volts = (part: ServoSpec) => part.sheet.map((point) => point.volts.value);

describe('the voltages of a servo’s sheet', () => {
  it('gain one above the highest, and lose one', () => {
    const more = addVoltage(servo);
    expect(volts(more)).toEqual([4.8, 6, 7.2]);
    expect(volts(removeVoltage(more, 0))).toEqual([6, 7.2]);
    expect(volts(servo)).toEqual([4.8, 6]);
  });

  it('stay lowest first when one moves, with its torque', () => {
    const moved = moveVoltage(servo, 0, 7.4);
    expect(volts(moved)).toEqual([6, 7.4]);
    expect(moved.sheet[1]?.stallNewtonMetres).toEqual(servo.sheet[0]?.stallNewtonMetres);
  });

  it.each([6, 0, 31, Number.NaN])('do not move to %s V', (value) => {
    expect(moveVoltage(servo, 0, value)).toBe(servo);
  });

  it('are never more than a sheet has room for', () => {
    const full = Array.from({ length: 12 }).reduce<ServoSpec>((part) => addVoltage(part), servo);
    expect(full.sheet).toHaveLength(8);
    expect(firstProblem(partClasses.servo, full, 'servo')).toBeUndefined();
  });
});

describe('the channels of a receiver', () => {
  it('bring their ports, and keep those that stay', () => {
    const six = withChannels(receiver, 6);
    expect(six.ports.filter((port) => port.channel !== undefined)).toHaveLength(6);
    expect(six.ports.some((port) => port.id === 'B')).toBe(true);
    const ten = withChannels(six, 10);
    expect(ten.ports.find((port) => port.channel === 10)?.pins[0]?.net).toBe('ch10');
    expect(firstProblem(partClasses.receiver, ten, 'receiver')).toBeUndefined();
  });

  it('take the throttle along when its channel goes', () => {
    expect(withChannels(receiver, 2).throttleChannel).toBe(2);
  });
});

describe('what a controller stands', () => {
  const bare = starterPart('controller-brushed-30-switching') as ControllerSpec;

  it('is kept as rows of cells and turns, and nothing is stated where there is no row', () => {
    const rows = addTurnLimit(addTurnLimit(bare));
    expect(rows.turnLimits?.map(({ cells }) => cells)).toEqual([2, 3]);
    const stated = changeTurnLimit(rows, 0, { cells: 2, turns: 21 });
    expect(stated.turnLimits?.[0]).toEqual({ cells: 2, turns: { value: 21, provenance: 'stated' } });
    expect(firstProblem(partClasses.controller, stated, 'controller')).toBeUndefined();
    const without = changeTurnLimit(changeTurnLimit(stated, 0, undefined), 0, undefined);
    expect('turnLimits' in without).toBe(false);
  });

  it.each([
    { cells: 3, turns: 21 },
    { cells: 0, turns: 21 },
    { cells: 2.5, turns: 21 },
    { cells: 2, turns: 999 },
  ])('does not take a row of %s', (row) => {
    const rows = addTurnLimit(addTurnLimit(bare));
    expect(changeTurnLimit(rows, 0, row)).toBe(rows);
  });

  it('counts cells by chemistry, each once', () => {
    const rows = addCellLimit(addCellLimit(bare));
    const [first, second] = rows.cellLimits!;
    expect(first?.chemistry).not.toBe(second?.chemistry);
    expect(changeCellLimit(rows, 1, { ...second!, chemistry: first!.chemistry })).toBe(rows);
    expect(changeCellLimit(rows, 0, { ...first!, least: 4, most: 3 })).toBe(rows);
    expect(changeCellLimit(rows, 0, { ...first!, least: 2, most: 3 }).cellLimits?.[0]).toMatchObject({
      least: 2,
      most: 3,
    });
  });

  it('reads the volts of its BEC as they are typed, or says why not', () => {
    const volts = (text: string) => {
      const read = withRegulatorVolts(bare, text);
      return read.ok ? read.value.regulator?.voltsChoices : read.problem;
    };
    expect(volts('6 V, 5 V, 7,4 V')).toEqual([5, 6, 7.4]);
    expect(volts('5/6')).toEqual([5, 6]);
    expect(volts('5 or 6')).toEqual([5, 6]);
    expect(volts('55')).toBe('from 1 to 30 V');
    expect(volts('five')).toBe('“five”: no figure at its start');
    expect(volts(' ')).toBe('at least one voltage');
  });
});

describe('radio links', () => {
  it('are read as typed, each once', () => {
    expect(withProtocols(receiver, ' skerry link, holm link,,skerry link ').protocols).toEqual([
      'skerry link',
      'holm link',
    ]);
    expect(withProtocols(receiver, ' , ').protocols).toEqual([]);
  });
});

describe('the controls of a transmitter', () => {
  it('come, change and go under ids of their own', () => {
    const more = addControl(addControl(transmitter, 'momentary', 'pad 1'), 'momentary', 'pad 2');
    const ids = more.controls.map((candidate) => candidate.id);
    expect(new Set(ids).size).toBe(ids.length);
    const last = ids.at(-1)!;
    const changed = changeControl(more, last, { name: ' slider ', kind: 'staying' });
    expect(changed.controls.at(-1)).toEqual({ id: last, name: 'slider', kind: 'staying' });
    expect(changeControl(more, last, { name: '  ', kind: 'knob' })).toEqual(more);
    expect(removeControl(more, last).controls).toHaveLength(transmitter.controls.length + 1);
  });
});

describe('blankPart', () => {
  it.each(partKinds)('is a %s that stands the check of a file and claims nothing', (kind) => {
    const part = blankPart(kind, 'own-1');
    expect(firstProblem(partClasses[kind] as never, part, kind)).toBeUndefined();
    for (const field of sheetFields(part))
      expect(figureAt(part, field)?.provenance ?? 'unknown').not.toMatch(/stated|measured/);
    expect(part.maker).toBeUndefined();
  });
});
