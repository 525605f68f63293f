import { describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import { checkContext } from '../check/check-context';
import type { LockerItem } from '../locker/locker-item';
import { starterLocker } from '../starter/starter-locker';
import { stageCosts } from './cost';

const locker = (change: Record<string, Partial<LockerItem>>): LockerItem[] =>
  starterLocker.map((part) => ({ part, state: 'catalogue', isStarter: true, ...change[part.id] }));

describe('stageCosts', () => {
  const priced = locker({
    'pack-lipo-3s-4000-20c': { state: 'own', price: 40 },
    'controller-brushed-30-switching': { price: 25.5 },
    'servo-micro-60': { price: 9.99, state: 'mightBuy' },
  });

  it('adds what is to be bought, leaves out what is owned, and names what has no price', () => {
    expect(stageCosts(checkContext(tub(), []), priced)).toEqual([
      { stage: 1, toBuy: 35.49, unpriced: ['adapter', 'motor', 'receiver', 'transmitter'] },
    ]);
  });

  it('puts the parts of a later function into its stage', () => {
    const [now, later] = stageCosts(checkContext(tub({ functions: { steer: { stage: 2 } } }), []), priced);
    expect(now?.toBuy).toBe(25.5);
    expect(later).toEqual({ stage: 2, toBuy: 9.99, unpriced: [] });
  });
});
