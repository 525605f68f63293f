import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cellVolts, chemistries } from './chemistry';
import {
  cellsCounted,
  packKilograms,
  packVolts,
  packVoltsAt,
  packVoltsByState,
  settlesWithin,
  storageVolts,
  wattHours,
} from './pack-volts';

const stacks = fc.record({
  chemistry: fc.constantFrom(...chemistries),
  cells: fc.integer({ min: 1, max: 14 }),
});

describe('volts of a pack', () => {
  it('are the figures that a person writes down, not a hair over', () => {
    expect(packVolts({ chemistry: 'LiPo', cells: 3 }, 'full')).toBe(12.6);
    expect(packVolts({ chemistry: 'LiPo', cells: 3 }, 'cutoff')).toBe(9.9);
    expect(packVolts({ chemistry: 'NiMH', cells: 6 }, 'nominal')).toBe(7.2);
    expect(storageVolts({ chemistry: 'LiPo', cells: 3 })).toEqual({ volts: 11.4, least: 11.25, most: 11.64 });
    expect(storageVolts({ chemistry: 'NiMH', cells: 6 })).toBeUndefined();
  });

  it('fall from full to harmed, and with the charge, in every chemistry', () => {
    fc.assert(
      fc.property(stacks, fc.double({ min: 0, max: 1, noNaN: true }), (stack, charge) => {
        const { full, nominal, cutoff } = packVoltsByState(stack);
        expect(full).toBeGreaterThan(nominal);
        expect(nominal).toBeGreaterThan(cutoff);
        expect(cutoff).toBeGreaterThan(packVolts(stack, 'floor'));
        expect(packVoltsAt(stack, charge)).toBeLessThanOrEqual(full);
        expect(packVoltsAt(stack, charge)).toBeGreaterThanOrEqual(packVoltsAt(stack, 0));
        expect(packVoltsAt(stack, 1)).toBe(full);
      }),
    );
  });

  it('count as the cells they are of', () => {
    fc.assert(
      fc.property(stacks, (stack) => {
        expect(cellsCounted(stack.chemistry, packVolts(stack, 'full'))).toBe(stack.cells);
      }),
    );
  });

  it('of four dry cells settle within 6.0 V, of two lithium cells never within 8.0 V', () => {
    expect(settlesWithin({ chemistry: 'dry cell', cells: 4 }, 6)).toBe(true);
    expect(settlesWithin({ chemistry: 'dry cell', cells: 4 }, 5.9)).toBe(false);
    expect(settlesWithin({ chemistry: 'LiPo', cells: 2 }, 8)).toBe(false);
  });
});

describe('what a pack holds', () => {
  it('is nominal volts times its ampere-hours, and weighs by its chemistry', () => {
    expect(wattHours({ chemistry: 'LiPo', cells: 2 }, 5)).toBeCloseTo(2 * cellVolts('LiPo').nominal * 5, 9);
    expect(packKilograms('LiPo', 37)).toBeCloseTo(0.264, 3);
    expect(packKilograms('NiMH', 37)).toBeGreaterThan(packKilograms('LiPo', 37));
  });
});
