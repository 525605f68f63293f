import { describe, expect, it } from 'vitest';
import { starterPart } from '../../starter/starter-locker';
import type { ServoSpec } from './servo';
import { servoFigureAt } from './servo-sheet';

const standard = starterPart('servo-standard') as ServoSpec;

describe('servoFigureAt', () => {
  it('gives the sheet’s own figure at its own volts', () => {
    expect(servoFigureAt(standard, 'stallAmps', 6)).toEqual({ value: 1.8, provenance: 'stated' });
  });

  it('interpolates between two voltages of the sheet', () => {
    const torque = servoFigureAt(standard, 'stallNewtonMetres', 5.4);
    expect(torque?.value).toBeCloseTo((0.55 + 0.68) / 2, 6);
    expect(torque?.provenance).toBe('stated');
  });

  it('scales with volts outside the sheet and says that it did', () => {
    const amps = servoFigureAt(standard, 'stallAmps', 7.2);
    expect(amps?.value).toBeCloseTo(1.8 * 1.2, 6);
    expect(amps?.provenance).toBe('estimated');
    expect(amps?.note).toContain('extrapolated from 6 V');
  });

  it('knows nothing where the sheet is silent', () => {
    expect(servoFigureAt({ ...standard, sheet: [] }, 'stallAmps', 6)).toBeUndefined();
  });
});
