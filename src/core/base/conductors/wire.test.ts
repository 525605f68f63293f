import { describe, expect, it } from 'vitest';
import { conductorOhms, gaugeAmps, gaugeArea, outerDiameter, siliconeCelsius } from './wire';

describe('a wire', () => {
  it('has the area of its gauge, and halves it every three gauges or so', () => {
    expect(gaugeArea(22)).toBeCloseTo(0.326, 3);
    expect(gaugeArea(12)).toBeCloseTo(3.31, 2);
    expect(gaugeArea(20) / gaugeArea(23)).toBeCloseTo(2, 1);
  });

  it('has the ohms of its copper, more when it is warm', () => {
    expect(conductorOhms(22, 1)).toBeCloseTo(0.053, 4);
    expect(conductorOhms(22, 2)).toBeCloseTo(2 * conductorOhms(22, 1), 9);
    expect(conductorOhms(22, 1, 80) / conductorOhms(22, 1)).toBeCloseTo(1.236, 3);
  });

  it.each([
    [8, 84],
    [10, 62],
    [12, 44],
    [14, 31],
    [16, 23],
    [18, 16],
    [20, 11],
    [22, 8.6],
    [26, 4.7],
  ])('of AWG %i carries about %f A all the time', (awg, amps) => {
    expect(gaugeAmps(awg) / amps).toBeGreaterThan(0.96);
    expect(gaugeAmps(awg) / amps).toBeLessThan(1.04);
  });

  it('carries more until its silicone fails, and a thicker one more than a thinner', () => {
    for (let awg = 8; awg < 30; awg += 1) {
      expect(gaugeAmps(awg)).toBeGreaterThan(gaugeAmps(awg + 1));
      expect(outerDiameter(awg)).toBeGreaterThan(outerDiameter(awg + 1));
      expect(gaugeAmps(awg, siliconeCelsius)).toBeGreaterThan(1.3 * gaugeAmps(awg));
    }
  });
});
