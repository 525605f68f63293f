import { describe, expect, it } from 'vitest';
import { stated } from '../../base/validation/figure';
import { starterLocker, starterPart } from '../starter/starter-locker';
import { unlikeness } from './unlikeness';

describe('how far two sheets are apart', () => {
  it('is nothing for a part and itself', () => {
    for (const part of starterLocker) expect(unlikeness(part, part)).toBe(0);
  });

  it('is less the closer the figures are', () => {
    const motor = { kv: stated(3000), fullLoadAmps: stated(20) };
    const near = unlikeness(motor, { kv: stated(2600), fullLoadAmps: stated(22) });
    const far = unlikeness(motor, { kv: stated(620), fullLoadAmps: stated(9) });
    expect(near).toBeGreaterThan(0);
    expect(far).toBeGreaterThan(near);
  });

  it('is more for a part of another sort', () => {
    const pump = { name: 'monitor pump, 6 V', maxVolts: stated(7.5) };
    const bilge = unlikeness(pump, { name: 'bilge pump, 12 V', maxVolts: stated(14) });
    expect(unlikeness(pump, { name: 'monitor pump, 12 V', maxVolts: stated(15) })).toBeLessThan(bilge);
  });

  it('counts a figure that the other sheet is silent about', () => {
    const motor = { kv: stated(3000), fullLoadAmps: stated(20) };
    expect(unlikeness(motor, { kv: stated(3000) })).toBeGreaterThan(unlikeness(motor, motor));
    expect(unlikeness(starterPart('servo-standard'), { id: 'nothing printed' })).toBeGreaterThan(0);
  });
});
