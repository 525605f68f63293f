import { describe, expect, it } from 'vitest';
import { benchUnits, chosenUnit, inChosenUnit, inChosenUnits } from './unit-choice';

const imperial = { torque: 'oz-in', length: 'in', mass: 'oz' } as const;

describe('units that a person chose', () => {
  it('turns figures of the bench into them', () => {
    expect(inChosenUnit(20, 'kg·cm', imperial).value).toBeCloseTo(277.7, 1);
    expect(inChosenUnit(25.4, 'mm', imperial).value).toBeCloseTo(1, 9);
    expect(inChosenUnit(100, 'g', imperial).value).toBeCloseTo(3.53, 2);
  });

  it('leaves alone what is no matter of choice', () => {
    expect(chosenUnit('V', imperial)).toBe('V');
    expect(inChosenUnit(6, 'A', imperial)).toEqual({ value: 6, unit: 'A' });
  });

  it('moves a field of a sheet to them without moving what it holds', () => {
    const field = { path: 'length', label: 'Long', unit: 'mm', scale: 0.001 };
    expect(inChosenUnits(field, imperial)).toMatchObject({ unit: 'in' });
    expect(inChosenUnits(field, imperial).scale).toBeCloseTo(0.0254, 9);
    expect(inChosenUnits(field, benchUnits)).toBe(field);
  });
});
