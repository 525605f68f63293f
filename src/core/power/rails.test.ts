import { describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import { checkContext } from '../check/check-context';

const railOf = (change: Parameters<typeof tub>[0]) => checkContext(tub(change), []).rails[0]!;

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

describe('railsOf', () => {
  it('counts a rail by each school', () => {
    // Stalled 1.8 + 1.8 + 1.0, moving 0.35 + 0.35 + 0.25, and 0.1 for the receiver.
    const { ampsBySchool } = railOf(servos);
    expect(ampsBySchool.allStalled).toBeCloseTo(4.7, 6);
    expect(ampsBySchool.twoWorst).toBeCloseTo(3.95, 6);
    expect(ampsBySchool.typical).toBeCloseTo(1.05, 6);
  });

  it('puts the largest share first and says who is stalled', () => {
    const { counted } = railOf(servos);
    expect(counted.map((one) => [one.supply.fitted.fitting.id, one.stalled])).toEqual([
      ['s2', true],
      ['s3', true],
      ['rudder', false],
      ['rx', false],
    ]);
  });

  it('estimates a moving servo at a fifth of stall where the sheet is silent', () => {
    const { counted } = railOf({
      policies: { regulatorSizing: 'typical' },
      sheets: {
        'servo-micro-60': (part) =>
          ({
            ...part,
            sheet: [
              { volts: { value: 6, provenance: 'stated' }, stallAmps: { value: 2, provenance: 'stated' } },
            ],
          }) as never,
      },
    });
    expect(counted[0]).toMatchObject({ amps: 0.4, provenance: 'estimated' });
  });

  it('has no volts and asks nothing without a source', () => {
    expect(railOf({ without: ['esc.lead'] })).toMatchObject({ volts: undefined, counted: [] });
  });
});
