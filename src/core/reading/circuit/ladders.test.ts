import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../build-reading/reading';
import { laddersOf } from './ladders';

const ladders = (change?: Parameters<typeof tub>[0]) => laddersOf(readingOf(tub(change), []).circuit);

describe('laddersOf', () => {
  it('puts what is asked against what is given, for the rail and for the pack', () => {
    const [rail, pack] = ladders();
    expect(rail).toMatchObject({ title: 'The radio rail', givenAmps: 2, giver: 'controller' });
    // 1.1 A by the sheets, a little less for what the leads lose.
    expect(rail?.askedAmps).toBeCloseTo(1.08, 1);
    expect(rail?.shares.map((share) => [share.name, share.isWorst])).toEqual([
      ['rudder', true],
      ['receiver', false],
    ]);
    expect(pack).toMatchObject({ title: 'Pack', givenAmps: 48, giver: 'pack' });
    expect(pack?.shares[0]).toMatchObject({ name: 'motor', isWorst: true });
    expect(pack?.shares[0]?.amps).toBeCloseTo(8.2 * (12.6 / 11.1), 0);
  });

  it('shares always add up to what is asked', () => {
    for (const ladder of ladders({ policies: { regulatorSizing: 'allStalled' } })) {
      expect(ladder.shares.reduce((sum, share) => sum + share.amps, 0)).toBeCloseTo(ladder.askedAmps, 3);
    }
  });

  it('holds a linear regulator to its label for the seconds of a stall', () => {
    const [rail] = ladders({
      parts: { esc: 'controller-brushed-30-linear' },
      settings: { esc: { regulatorVolts: 5 } },
    });
    expect(rail?.givenAmps).toBe(1);
  });

  it('draws nothing for a build without amps', () => {
    expect(ladders({ without: ['pack.out', 'esc.lead'] })).toEqual([]);
  });
});
