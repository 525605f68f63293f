import { describe, expect, it } from 'vitest';
import { firstProblem } from '../file/validate';
import { partClasses, partKinds } from '../parts/part-spec';
import type { ReceiverSpec } from '../parts/receiver';
import type { ServoSpec } from '../parts/servo';
import type { TransmitterSpec } from '../parts/transmitter';
import { starterPart } from '../starter/starter-locker';
import { blankPart } from './blank-part';
import { sheetFields } from '../kinds';
import { withChannels } from '../kinds/receiver';
import { figureAt } from './sheet-fields';
import {
  addControl,
  addVoltage,
  changeControl,
  moveVoltage,
  removeControl,
  removeVoltage,
  withProtocols,
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

describe('radio links', () => {
  it('are read as typed, each once', () => {
    expect(withProtocols(receiver, ' skerry link, holm link,,skerry link ').protocols).toEqual([
      'skerry link',
      'holm link',
    ]);
    expect(withProtocols(receiver, ' , ')).toBe(receiver);
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
