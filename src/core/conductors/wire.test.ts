import { describe, expect, it } from 'vitest';
import { conductorOhms, gaugeAmps, gaugeArea } from './wire';

describe('wire', () => {
  it('follows the gauge table', () => {
    // AWG 22 is 0.644 mm across, 0.326 mm²; AWG 14 is 2.08 mm² (ASTM B258).
    expect(gaugeArea(22)).toBeCloseTo(0.326, 3);
    expect(gaugeArea(14)).toBeCloseTo(2.081, 3);
  });

  it('gives 53 mΩ for a metre of AWG 22', () => {
    expect(conductorOhms(22, 1)).toBeCloseTo(0.053, 3);
    expect(conductorOhms(22, 2)).toBeCloseTo(2 * conductorOhms(22, 1), 9);
  });

  it('carries ten amps a square millimetre', () => {
    expect(gaugeAmps(14)).toBeCloseTo(20.8, 1);
  });
});
