import { describe, expect, it } from 'vitest';
import { stated } from '../../../base/validation/figure';
import { starterLocker } from '../../starter/starter-locker';
import type { MotorSpec } from './motor';
import { usualCan } from './motor-cans';
import { usualMotor } from './usual-motor';

const motors = starterLocker.filter((part) => part.kind === 'motor');
const [first] = motors;
const bare = (change: Partial<MotorSpec>): MotorSpec => {
  const { kilograms, turns, ...rest } = first!;
  return { ...rest, motorKind: 'brushed', ...change };
};

describe('a motor whose sheet is silent', () => {
  it('has the speed of its turns, and slower windings have more ohms and fewer amps', () => {
    const [fast, slow] = [12, 55].map((turns) =>
      usualMotor(bare({ name: '540 motor', turns: stated(turns) })),
    );
    expect(fast!.kv.value).toBeCloseTo(5000, 0);
    expect(slow!.kv.value).toBeCloseTo(1091, 0);
    const ohms = [fast!, slow!].map(({ ohms: of, kv }) => of(kv.value).value);
    expect(ohms[1]).toBeGreaterThan(ohms[0]!);
    expect(fast!.fullLoadAmps(ohms[0]!).value).toBeGreaterThan(slow!.fullLoadAmps(ohms[1]!).value);
    // A can of 55 turns is some four tenths of an ohm.
    expect(ohms[1]).toBeGreaterThan(0.3);
    expect(ohms[1]).toBeLessThan(0.55);
  });

  it('is told by its name first, then by its mass', () => {
    expect(usualCan(bare({ name: '380 motor', kilograms: stated(0.3) })).kilograms).toBe(0.072);
    expect(usualCan(bare({ name: 'motor', kilograms: stated(0.3) })).kilograms).toBe(0.32);
    expect(usualCan(bare({ name: 'motor' })).kilograms).toBe(0.16);
    expect(usualCan({ ...bare({ name: '3652 3800KV' }), motorKind: 'brushless' }).strength).toBe(0.021);
  });

  it('comes near the full sheets that it is held against: nine of ten ohms within their range', () => {
    const full = motors.filter(({ kv, windingOhms }) => kv && windingOhms);
    const inside = full.filter((part) => {
      const { value, least, most } = usualMotor(part).ohms(part.kv!.value);
      const share = part.windingOhms!.value / value;
      return share >= least && share <= most;
    });
    expect(full.length).toBeGreaterThan(10);
    expect(inside.length / full.length).toBeGreaterThanOrEqual(0.9);
  });
});
