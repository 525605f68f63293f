import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readQuantity } from './read-quantity';

const volts = { unit: 'V', scale: 1 };
const torque = { unit: 'kg·cm', scale: 0.0980665 };
const seconds = { unit: 's', scale: 1 };
const milliampHours = { unit: 'mAh', scale: 0.001 };
const area = { unit: 'mm²', scale: 1e-6 };

const valueOf = (text: string, asked: Parameters<typeof readQuantity>[1]) => {
  const read = readQuantity(text, asked);
  if (!read.ok) throw new Error(read.problem);
  return read.value;
};

describe('a figure as sheets print it', () => {
  it.each([
    ['7.4', volts, 7.4],
    ['7,4 V', volts, 7.4],
    ['7400 mV', volts, 7.4],
    ['20 kg·cm', torque, 1.96133],
    ['20kg-cm', torque, 1.96133],
    ['20 kg.cm', torque, 1.96133],
    ['20 kgf.cm', torque, 1.96133],
    ['278 oz-in', torque, 1.9631114],
    ['278 oz.in', torque, 1.9631114],
    ['278 oz in', torque, 1.9631114],
    ['1.9 N·m', torque, 1.9],
    ['1.9 Nm', torque, 1.9],
    ['190 N.cm', torque, 1.9],
    ['0.12 s/60°', seconds, 0.12],
    ['0.12sec/60°', seconds, 0.12],
    ['.12 sec / 60 deg', seconds, 0.12],
    ['2200 mAh', milliampHours, 2.2],
    ['2.2 Ah', milliampHours, 2.2],
    ['2 200', milliampHours, 2.2],
    ['16 AWG', area, 1.3087e-6],
    ['AWG 16', area, 1.3087e-6],
    ['1.5 mm²', area, 1.5e-6],
    ['1.5 mm2', area, 1.5e-6],
    ['3300 KV', { unit: 'rev/min per V', scale: 1 }, 3300],
    ['3300 rpm/V', { unit: 'rev/min per V', scale: 1 }, 3300],
    ['21T', { unit: 'turns', scale: 1 }, 21],
    ['20 C', { unit: 'C', scale: 1 }, 20],
    ['1.8 oz', { unit: 'g', scale: 1e-3 }, 0.05102914],
    ['0.8"', { unit: 'mm', scale: 1e-3 }, 0.02032],
    ['470 uF', { unit: 'µF', scale: 1e-6 }, 470e-6],
  ])('reads %s', (text, asked, value) => {
    expect(valueOf(text, asked).value).toBeCloseTo(value, 6);
  });

  it('takes cells for volts where it is said what a cell has', () => {
    expect(valueOf('2S', { ...volts, cellVolts: 4.2 })).toEqual({ value: 8.4, typed: '2S' });
    expect(readQuantity('2S', volts)).toMatchObject({ ok: false, problem: 'cells, and this wants volts' });
  });

  it('keeps what was typed in another unit, and nothing where it was the field’s own', () => {
    expect(valueOf('278 oz-in', torque).typed).toBe('278 oz-in');
    expect(valueOf('20 kg·cm', torque)).toEqual({ value: 20 * 0.0980665 });
  });

  it.each([
    ['', volts, 'nothing typed'],
    ['about six', volts, 'no figure at its start'],
    ['6 A', volts, 'in A, and this is in V'],
    ['6 bananas', volts, '“bananas” is no unit of V'],
    ['6-8 V', volts, 'one figure, not a range'],
    ['2,200', milliampHours, '2,200 can be read two ways: write 2200 or 2.200'],
    ['16 AWG', volts, 'a gauge of wire, and this is in V'],
    ['2.5S', { ...volts, cellVolts: 4.2 }, 'cells are counted in whole ones'],
  ])('says of “%s” why it cannot be read', (text, asked, why) => {
    expect(readQuantity(text, asked)).toEqual({ ok: false, problem: why });
  });

  it('reads back any figure that it is given in the field’s own unit, and never throws', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 9999, noNaN: true }), (value) => {
        const text = value.toFixed(2);
        expect(valueOf(`${text} kg·cm`, torque).value).toBeCloseTo(Number(text) * 0.0980665, 9);
      }),
    );
    fc.assert(
      fc.property(fc.string({ maxLength: 20 }), (text) => {
        const read = readQuantity(text, torque);
        if (read.ok) expect(Number.isFinite(read.value.value)).toBe(true);
        else expect(read.problem).not.toBe('');
      }),
      { numRuns: 2000 },
    );
  });
});
