import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../build-reading/reading';
import type { LockerItem } from '../../model/kinds/locker-item';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { applyEdits } from '../../model/plan/edits';
import { buildCost } from './cost';

const locker = (change: Record<string, Partial<LockerItem>>): LockerItem[] =>
  starterLocker.map((part) => ({ part, state: 'catalogue', isStarter: true, ...change[part.id] }));

describe('buildCost', () => {
  const priced = locker({
    'pack-lipo-3s-4000-20c': { state: 'own', price: 40 },
    'controller-brushed-30-switching': { price: 25.5 },
    'servo-micro-60': { price: 9.99, state: 'mightBuy' },
  });

  it('adds what is to be bought, leaves out what is owned, and names what has no price', () => {
    expect(buildCost(readingOf(tub(), []), priced).stages).toEqual([
      { stage: 1, toBuy: 35.49, unpriced: ['adapter', 'motor', 'receiver', 'transmitter'] },
    ]);
  });

  it('puts the parts of a later function into its stage', () => {
    const { stages } = buildCost(readingOf(tub({ functions: { steer: { stage: 2 } } }), []), priced);
    const [now, later] = stages;
    expect(now?.toBuy).toBe(25.5);
    expect(later).toEqual({ stage: 2, toBuy: 9.99, unpriced: [] });
  });

  it('adds up by function, with what serves all of them apart, and the whole with what is owned', () => {
    const cost = buildCost(readingOf(tub(), []), priced);
    expect(cost.functions).toEqual([
      { function: undefined, toBuy: 0, unpriced: ['adapter', 'motor', 'receiver', 'transmitter'] },
      { function: 'Drive', toBuy: 25.5, unpriced: [] },
      { function: 'Steering', toBuy: 9.99, unpriced: [] },
    ]);
    expect([cost.toBuy, cost.worth, cost.unpriced]).toEqual([35.49, 75.49, 4]);
  });

  it('knows the price of a part whose sheet was changed in the build', () => {
    const servo = starterPart('servo-micro-60');
    const build = applyEdits(tub(), [
      { type: 'swapPart', fitting: 'rudder', part: { ...servo, id: `${servo.id}-replugged` } },
    ]);
    expect(buildCost(readingOf(build, []), priced).toBuy).toBe(35.49);
  });
});
