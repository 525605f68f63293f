import { describe, expect, it } from 'vitest';
import { cellVoltsAt } from './charge-curve';
import { cellVolts, chemistries } from './chemistry';

describe.each(chemistries)('a %s cell', (chemistry) => {
  const { full, nominal, cutoff, floor } = cellVolts(chemistry);

  it('has its limits in order', () => {
    expect(full).toBeGreaterThan(nominal);
    expect(nominal).toBeGreaterThan(cutoff);
    expect(cutoff).toBeGreaterThanOrEqual(floor);
  });

  it('never gains volts as it runs down', () => {
    let last = cellVoltsAt(chemistry, 1);
    for (let charge = 0.99; charge >= 0; charge -= 0.01) {
      const here = cellVoltsAt(chemistry, charge);
      expect(here).toBeLessThanOrEqual(last);
      last = here;
    }
  });

  it('is full at its full volts, near nominal in the middle, and no lower than its floor when empty', () => {
    expect(Math.abs(cellVoltsAt(chemistry, 1) - full)).toBeLessThan(0.06);
    expect(Math.abs(cellVoltsAt(chemistry, 0.5) / nominal - 1)).toBeLessThan(0.2);
    expect(cellVoltsAt(chemistry, 0)).toBeGreaterThanOrEqual(floor - 0.06);
  });

  it('is no fuller than full, and no emptier than empty', () => {
    expect(cellVoltsAt(chemistry, 1.5)).toBe(cellVoltsAt(chemistry, 1));
    expect(cellVoltsAt(chemistry, -0.5)).toBe(cellVoltsAt(chemistry, 0));
  });
});
