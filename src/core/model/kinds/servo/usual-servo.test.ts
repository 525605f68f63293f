import { describe, expect, it } from 'vitest';
import { stated } from '../../../base/validation/figure';
import { starterLocker } from '../../starter/starter-locker';
import type { ServoSpec } from './servo';
import { servoStalled } from './servo-values';
import { usualStall } from './usual-servo';

const servos = starterLocker.filter((part) => part.kind === 'servo');
const bare = (change: Partial<ServoSpec>): ServoSpec => {
  const { kilograms, ...rest } = servos[0]!;
  return { ...rest, name: 'servo', sheet: [], ...change };
};
const amps = (change: Partial<ServoSpec>) => usualStall(bare(change), 6).value;

describe('a servo whose sheet is silent', () => {
  it('draws more the stronger its name, its mass or its sheet says it is, and never next to nothing', () => {
    expect(amps({ name: 'S9 9kg' })).toBeLessThan(amps({ name: 'S20 20kg' }));
    expect(amps({ name: 'S20 20 kg' })).toBeGreaterThan(3);
    expect(amps({ kilograms: stated(0.009) })).toBeLessThan(amps({ kilograms: stated(0.06) }));
    expect(amps({ kilograms: stated(0.003) })).toBeGreaterThanOrEqual(0.3);
    const torque = (value: number) => ({ sheet: [{ volts: stated(6), stallNewtonMetres: stated(value) }] });
    expect(amps(torque(0.5))).toBeLessThan(amps(torque(1)));
  });

  it('is a standard one where nothing tells, within a wide range', () => {
    const { value, least, most, note } = usualStall(bare({}), 6);
    expect(value).toBeGreaterThan(0.8);
    expect(value * most).toBeGreaterThan(2.5);
    expect(value * least).toBeLessThan(0.6);
    expect(note).toContain('standard');
  });

  it('comes near the full sheets that it is held against: nine of ten within their range', () => {
    const all = servos.flatMap((part) => {
      const volts = part.sheet.at(-1)?.volts.value;
      const stall = volts === undefined ? undefined : servoStalled(part, volts);
      if (volts === undefined || stall?.provenance !== 'stated') return [];
      const without = part.sheet.map(({ stallAmps, runningAmps, ...rest }) => rest);
      const { value, least, most } = usualStall({ ...part, sheet: without }, volts);
      return [stall.value >= value * least && stall.value <= value * most];
    });
    expect(all.length).toBeGreaterThan(20);
    expect(all.filter(Boolean).length / all.length).toBeGreaterThanOrEqual(0.9);
  });
});
