import { describe, expect, it } from 'vitest';
import type { Regulator } from '../../parts/regulator';
import { stated } from '../../../base/validation/figure';
import { lastingAmps } from './regulator-amps';

const linear: Regulator = { type: 'linear', voltsChoices: [5], maxAmps: stated(3), maxWatts: stated(6) };

describe('lastingAmps', () => {
  it('of a linear regulator are what its heat allows, and never more than its label', () => {
    expect(lastingAmps(linear, 12.6, 5).value).toBeCloseTo(6 / 7.6, 9);
    expect(lastingAmps(linear, 6, 5).value).toBe(3);
    expect(lastingAmps(linear, 4, 5).value).toBe(3);
  });

  it('rest on an estimate of three watts where its sheet states none: 0.9, 0.4 and 0.25 A from 2, 3 and 4 cells', () => {
    const { maxWatts: _, ...silent } = linear;
    const at = (volts: number) => lastingAmps(silent, volts, 5);
    expect([8.4, 12.6, 16.8].map((volts) => at(volts).value)).toEqual([
      expect.closeTo(0.88, 2),
      expect.closeTo(0.39, 2),
      expect.closeTo(0.25, 2),
    ]);
    expect(at(12.6).provenance).toBe('estimated');
  });

  it('of a switching one are its label, whatever the pack', () => {
    expect(lastingAmps({ ...linear, type: 'switching' }, 25, 5).value).toBe(3);
  });
});
