import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import { partProblem } from '../../model/kinds/part-problem';
import { firstProblem } from '../../base/validation/validate';
import { chemistries, cellVolts } from '../../model/packs/chemistry';
import { cellVoltsAt } from '../../model/packs/charge-curve';
import { partClasses } from '../../model/kinds/part-spec';
import { measured } from '../../base/validation/figure';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { sheetChoices } from './sheet-choices';
import { sheetCurve } from './sheet-curve';
import { sheetFields } from '../../model/kinds';
import { bodyFields } from '../../model/parts/sheet-field';
import { fieldProblem, figureAt, readField, withFigure } from './sheet-fields';
import { meetingVolts, voltSpan } from './volt-ladder';

describe('the starter locker', () => {
  it('has sixty parts or more, each with a sheet that stands the check of a file', () => {
    expect(starterLocker.length).toBeGreaterThanOrEqual(60);
    expect(new Set(starterLocker.map((part) => part.id)).size).toBe(starterLocker.length);
    for (const part of starterLocker)
      expect(firstProblem(partClasses[part.kind] as never, part, part.id)).toBeUndefined();
  });
});

describe('sheet fields', () => {
  it('say in the unit of the bench why a figure cannot be kept', () => {
    const servo = starterPart('servo-standard');
    const field = (label: string) => sheetFields(servo).find((sheetField) => sheetField.label === label)!;
    const stalled = field('Stall current at 6 V');
    expect(fieldProblem(servo, stalled, measured(2500))).toBe('from 0.01 to 60 A');
    expect(fieldProblem(servo, stalled, measured(2.5))).toBeUndefined();
    expect(fieldProblem(servo, stalled, undefined)).toBeUndefined();
    expect(fieldProblem(servo, field('Stall torque at 6 V'), measured(1e5))).toBe(
      'from 0.0102 to 1020 kg·cm',
    );
    const bec = starterPart('bec-8a');
    const gives = sheetFields(bec).find((sheetField) => sheetField.label === 'Gives')!;
    expect(fieldProblem(bec, gives, undefined)).toBe('its sheet must state this');
  });

  it('take a figure as it is printed, and leave the sheet alone where it makes no sense', () => {
    const servo = starterPart('servo-standard');
    const torque = sheetFields(servo).find((sheetField) => sheetField.label === 'Stall torque at 6 V')!;
    expect(readField(servo, torque, '278 oz-in', 'stated')).toMatchObject({
      ok: true,
      value: { typed: '278 oz-in', provenance: 'stated' },
    });
    expect(readField(servo, torque, '', 'stated')).toEqual({ ok: true, value: undefined });
    expect(readField(servo, torque, '12 V', 'stated')).toEqual({
      ok: false,
      problem: 'in V, and this is in kg·cm',
    });
    expect(readField(servo, torque, '999 N·m', 'stated')).toEqual({
      ok: false,
      problem: 'from 0.0102 to 1020 kg·cm',
    });
    const controller = starterPart('controller-brushed-30-switching');
    const most = sheetFields(controller).find((sheetField) => sheetField.path === 'maxInputVolts')!;
    const read = readField(controller, most, '3S', 'stated');
    expect(read.ok && read.value?.value).toBeCloseTo(12.6, 9);
  });

  it('keep a voltage of a servo’s sheet from being there twice', () => {
    const servo = starterPart('servo-standard');
    if (servo.kind !== 'servo') throw new Error('not a servo');
    const twice = { ...servo, sheet: [servo.sheet[0]!, servo.sheet[0]!] };
    expect(partProblem(twice, 'part')?.why).toContain('same volts twice');
  });

  it('read and change a figure in the unit it is printed in', () => {
    const servo = starterPart('servo-standard');
    const torque = sheetFields(servo).find((field) => field.label === 'Stall torque at 6 V')!;
    expect(figureAt(servo, torque)!.value / torque.scale).toBeCloseTo(6.93, 2);
    const changed = withFigure(servo, torque, measured(7 * torque.scale, 'spring scale'));
    expect(figureAt(changed, torque)).toMatchObject({ provenance: 'measured', note: 'spring scale' });
    expect(figureAt(servo, torque)?.provenance).toBe('stated');
    expect(figureAt(withFigure(servo, torque, undefined), torque)).toBeUndefined();
  });

  it('reach into a regulator', () => {
    const { length: _l, width: _w, height: _h, kilograms: _k, ...bec } = starterPart('bec-linear-3a');
    expect(sheetFields(bec).map((field) => figureAt(bec, field)?.value)).toEqual([
      6,
      26,
      3,
      undefined,
      8,
      ...bodyFields().map(() => undefined),
    ]);
  });
});

describe('sheet choices', () => {
  it('change what is chosen, and leave a part that stands the check of a file', () => {
    for (const part of starterLocker) {
      for (const choice of sheetChoices(part)) {
        expect(
          choice.options.map((option) => option.value),
          `${part.id} ${choice.id}`,
        ).toContain(choice.value);
        const changed = choice.choose(choice.options.at(-1)!.value);
        expect(firstProblem(partClasses[part.kind] as never, changed, part.id)).toBeUndefined();
        expect(sheetChoices(changed).find((still) => still.id === choice.id)?.value).toBe(
          choice.options.at(-1)!.value,
        );
      }
    }
  });

  it('let a pack have five cells and another plug', () => {
    const pack = starterPart('pack-lipo-3s-4000-20c');
    const five = sheetChoices(pack)
      .find((choice) => choice.id === 'cells')!
      .choose('5');
    expect(voltSpan(five)?.most).toBeCloseTo(21, 6);
    const blade = sheetChoices(pack)
      .find((choice) => choice.id === 'plug:out')!
      .choose('blade-t');
    expect(blade.ports[0]?.connector).toEqual({ family: 'blade-t', gender: 'socket' });
    expect(pack.ports[0]?.connector.family).toBe('sleeve-35');
  });
});

describe('the ladder', () => {
  it('spans what a part stands, and meets it with the volts of this build', () => {
    const context = readingOf(tub(), []);
    const servo = starterPart('servo-micro-52');
    expect(voltSpan(servo)).toEqual({ least: 4, most: 5.2, gives: false });
    expect(meetingVolts(context, servo)).toMatchObject({ volts: 6, name: 'rail' });
    expect(meetingVolts(context, starterPart('pump-6'))).toMatchObject({ volts: 12.6, name: 'pack, full' });
    expect(meetingVolts(context, starterPart('pack-dry-4'))).toBeUndefined();
    expect(voltSpan(starterPart('y-lead'))).toBeUndefined();
  });
});

describe('charge curves', () => {
  it.each(chemistries)('run from %s’s lowest volts to its full charge, never falling', (chemistry) => {
    const volts = Array.from({ length: 21 }, (_, n) => cellVoltsAt(chemistry, n / 20));
    expect(volts.at(-1)).toBeCloseTo(cellVolts(chemistry).full, 6);
    expect(volts).toEqual([...volts].sort((a, b) => a - b));
    expect(cellVoltsAt(chemistry, -1)).toBe(volts[0]);
  });
});

describe('sheetCurve', () => {
  it('shrinks a linear regulator’s amps as volts rise, and leaves a switching one without a curve', () => {
    const points = sheetCurve(starterPart('bec-linear-3a'))!.points;
    expect(points[0]?.y).toBe(3);
    expect(points.at(-1)?.y).toBeCloseTo(8 / 9, 6);
    expect(sheetCurve(starterPart('bec-8a'))).toBeUndefined();
  });

  it('raises a servo’s torque with volts', () => {
    const points = sheetCurve(starterPart('servo-strong'))!.points;
    expect(points.at(-1)!.y).toBeGreaterThan(points[0]!.y);
    expect(points.at(-1)!.y).toBeCloseTo(2 / 0.0980665, 6);
  });
});
