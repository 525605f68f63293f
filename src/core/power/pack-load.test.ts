import { describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import { checkContext } from '../check/check-context';

const load = (change?: Parameters<typeof tub>[0]) => checkContext(tub(change), []).packs[0]!;

/** The tub on a receiver pack that feeds its servos without a regulator. */
const onDryCells = {
  parts: { pack: 'pack-dry-4-large', rudder: 'servo-sail' },
  without: ['pack.out', 'adapter.out', 'esc.lead'],
  leads: [['pack.out', 'rx.B']] as [string, string][],
};

describe('packLoads', () => {
  it('adds the motor at full throttle and the rail through its regulator', () => {
    const { shares, amps } = load();
    expect(shares.map((one) => one.fitted.fitting.id)).toEqual(['motor', 'esc']);
    // 1.1 A at 6 V through 88 % from 11.1 V.
    expect(amps).toBeCloseTo(8.2 + (6 * 1.1) / (0.88 * 11.1), 6);
  });

  it('believes the label by the share that is set, and runs at mean amps', () => {
    const { labelAmps, allowedAmps, runMinutes, amps } = load({
      policies: { labelShare: 0.5, meanShare: 0.5, usableShare: 0.8 },
    });
    expect(labelAmps).toBe(80);
    expect(allowedAmps).toBe(40);
    expect(runMinutes).toBeCloseTo((60 * 0.8 * 4) / (0.5 * amps), 6);
  });

  it('counts servos on a receiver pack by the school, as on any rail', () => {
    const stalled = load(onDryCells).amps;
    const moving = load({ ...onDryCells, policies: { regulatorSizing: 'typical' } }).amps;
    // At 6.4 V, outside the sheet: 2 A stalled and 0.6 A moving at 6 V, in proportion; 0.1 A for the receiver.
    expect(stalled).toBeCloseTo((2 * 6.4) / 6 + 0.1, 6);
    expect(moving).toBeCloseTo((0.6 * 6.4) / 6 + 0.1, 6);
  });

  it('names a motor whose amps nobody states, and promises nothing without a label', () => {
    const silent = { 'motor-brushed-620': (part: object) => ({ ...part, fullLoadAmps: undefined }) as never };
    expect(load({ sheets: silent }).missing).toEqual(['amps at full load of motor']);
    const nameless = {
      'pack-lipo-3s-4000-20c': (part: object) => ({ ...part, dischargeRate: undefined }) as never,
    };
    expect(load({ sheets: nameless }).allowedAmps).toBeUndefined();
  });
});
