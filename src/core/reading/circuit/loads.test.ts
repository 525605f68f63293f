import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../build-reading/reading';
import type { PartSpec } from '../../model/kinds/part-spec';
import { stated } from '../../base/validation/figure';
import { railAmpsBySchool } from './loads';

const circuitOf = (change: Parameters<typeof tub>[0]) => readingOf(tub(change), []).circuit;
const railOf = (change: Parameters<typeof tub>[0]) => circuitOf(change).railLoads()[0]!;

const servos = {
  extra: [
    { id: 's2', name: 'second servo', part: 'servo-standard' },
    { id: 's3', name: 'third servo', part: 'servo-standard' },
  ],
  leads: [
    ['s2.lead', 'rx.5'],
    ['s3.lead', 'rx.6'],
  ] as [string, string][],
};

const sheetOf = (sheet: object[]) => ({
  'servo-micro-60': (part: PartSpec) => ({ ...part, sheet }) as PartSpec,
});

describe('what is asked of a rail', () => {
  it('is counted by each school, a little under its sheets for what the leads lose', () => {
    // Stalled 1.8 + 1.8 + 1.0, moving 0.35 + 0.35 + 0.25, and 0.1 for the receiver.
    const circuit = circuitOf(servos);
    const [rail] = circuit.survey.rails;
    const by = (school: 'allStalled' | 'twoWorst' | 'typical') => railAmpsBySchool(circuit, rail!, school)!;
    for (const [school, amps] of [
      ['allStalled', 4.7],
      ['twoWorst', 3.95],
      ['typical', 1.05],
    ] as const) {
      expect(by(school)).toBeLessThanOrEqual(amps + 1e-6);
      expect(by(school)).toBeGreaterThan(0.9 * amps);
    }
  });

  it('puts the largest share first and says who is stalled', () => {
    expect(railOf(servos).shares.map((share) => [share.fitted.fitting.id, share.isStalled])).toEqual([
      ['s2', true],
      ['s3', true],
      ['rudder', false],
      ['rx', false],
    ]);
  });

  it('estimates a moving servo at a fifth of stall where the sheet is silent', () => {
    const { shares } = railOf({
      policies: { regulatorSizing: 'typical' },
      sheets: sheetOf([{ volts: stated(6), stallAmps: stated(2) }]),
    });
    expect(shares[0]).toMatchObject({ provenance: 'estimated' });
    expect(shares[0]!.amps).toBeCloseTo(0.4, 3);
  });

  it('estimates stall amps from torque and speed, and leaves out what no sheet tells, by name', () => {
    const guessed = railOf({
      sheets: sheetOf([
        { volts: stated(6), stallNewtonMetres: stated(0.2), sixtyDegreeSeconds: stated(0.1) },
      ]),
    });
    // 1.8 × 0.2 N·m × (π/3)/0.1 s ÷ 6 V.
    expect(guessed.shares[0]!.amps).toBeCloseTo(0.628, 1);
    expect(guessed.shares[0]!.provenance).toBe('estimated');
    const silent = railOf({ sheets: sheetOf([{ volts: stated(6), stallNewtonMetres: stated(0.2) }]) });
    expect(silent.unknown.map((each) => each.words)).toEqual(['stall amps of the rudder']);
    expect(silent.shares.map((share) => share.fitted.fitting.id)).toEqual(['rx']);
  });

  it('is nothing without a source', () => {
    const { rail, amps } = railOf({ without: ['esc.lead'] });
    expect([rail.volts, amps]).toEqual([undefined, 0]);
  });
});

describe('what is asked of a pack', () => {
  it('is what its parts take, motors by name, and adds up', () => {
    const [load] = circuitOf({}).packLoads();
    expect(load!.shares.map((share) => share.fitted.fitting.id)).toEqual(['motor', 'esc']);
    expect(load!.shares.reduce((sum, share) => sum + share.amps, 0)).toBeCloseTo(load!.amps, 2);
    expect([load!.labelAmps, load!.allowedAmps]).toEqual([80, 48]);
  });

  it('of dry cells and NiMH is not derated like lithium', () => {
    const [load] = circuitOf({
      parts: { pack: 'pack-nimh-7-3000-10c' },
      without: ['pack.out'],
      leads: [['pack.out', 'esc.power']],
    }).packLoads();
    expect([load!.labelAmps, load!.allowedAmps]).toEqual([30, 30]);
  });
});
