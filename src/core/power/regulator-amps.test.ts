import { describe, expect, it } from 'vitest';
import { stated } from '../quantity/figure';
import { regulatorAmps, regulatorInputAmps } from './regulator-amps';

const linear = { type: 'linear' as const, voltsChoices: [5], maxAmps: stated(3), maxWatts: stated(6) };
const switching = {
  type: 'switching' as const,
  voltsChoices: [5],
  maxAmps: stated(3),
  efficiency: stated(0.9),
};

describe('regulatorAmps', () => {
  it('shrinks a linear regulator’s amps as the drop grows', () => {
    expect(regulatorAmps(linear, 8.4, 5).value).toBeCloseTo(6 / 3.4, 6);
    expect(regulatorAmps(linear, 12.6, 5).value).toBeCloseTo(6 / 7.6, 6);
  });

  it('never goes beyond the label', () => {
    expect(regulatorAmps(linear, 6, 5).value).toBe(3);
    expect(regulatorAmps(switching, 25, 5).value).toBe(3);
  });

  it('draws the output’s watts over the efficiency, or the same amps when linear', () => {
    expect(regulatorInputAmps(switching, 10, 5, 1.8)).toBeCloseTo(1, 6);
    expect(regulatorInputAmps(linear, 10, 5, 1.8)).toBe(1.8);
  });
});
