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

  it('is more for other cells than for other amp-hours', () => {
    const pack = starterPart('pack-lipo-3s-2200-10c');
    const more = unlikeness(pack, starterPart('pack-lipo-3s-5000-40c'));
    expect(unlikeness(pack, { ...pack, cells: 2 })).toBeGreaterThan(0);
    expect(unlikeness(pack, { ...starterPart('pack-lipo-3s-5000-40c'), cells: 2 })).toBeGreaterThan(more);
  });

  it('counts a figure that the other sheet is silent about', () => {
    const motor = { kv: stated(3000), fullLoadAmps: stated(20) };
    expect(unlikeness(motor, { kv: stated(3000) })).toBeGreaterThan(unlikeness(motor, motor));
    expect(unlikeness(starterPart('servo-standard'), { id: 'nothing printed' })).toBeGreaterThan(0);
  });
});
