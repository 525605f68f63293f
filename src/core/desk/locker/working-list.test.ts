import { fromRegulator } from '../../judgement/limits/volts';
import { describe, expect, it } from 'vitest';
import { starterLocker } from '../../model/starter/starter-locker';
import type { LockerItem } from '../../model/kinds/locker-item';
import { workingList, type ListAsked } from './working-list';

const servos = starterLocker
  .filter((part) => part.kind === 'servo')
  .map((part, n): LockerItem => ({
    part,
    state: n % 3 === 0 ? 'own' : 'catalogue',
    isStarter: true,
    ...(n % 2 === 0 && { price: 40 - n }),
  }));
const list = (change: Partial<ListAsked>): LockerItem[] =>
  workingList(servos, { words: '', facet: 'all', order: 'asKept', meets: fromRegulator(6), ...change });
const names = (items: readonly LockerItem[]) => items.map(({ part }) => part.name);

describe('the list of a kind of part', () => {
  it('is all of it as it was kept, until something is asked', () => {
    expect(list({})).toEqual(servos);
  });

  it('has what stands every word, wherever it stands', () => {
    expect(names(list({ words: 'metal MICRO' }))).toEqual(['micro servo, metal gears']);
    expect(list({ words: 'quillet crawler' }).length).toBeGreaterThan(1);
    expect(list({ words: 'zeppelin' })).toEqual([]);
  });

  it('is narrowed to what is owned, what stands the volts, what lacks a figure', () => {
    expect(list({ facet: 'own' }).every(({ state }) => state === 'own')).toBe(true);
    expect(names(list({ facet: 'fits' }))).not.toContain('micro servo, low volts');
    expect(list({ facet: 'fits', meets: undefined })).toHaveLength(servos.length);
    const silent = { ...servos[0]!, part: { ...servos[0]!.part, sheet: [{ volts: { value: 6 } }] } };
    const asked: ListAsked = { words: '', facet: 'lacks', order: 'asKept', meets: fromRegulator(6) };
    expect(workingList([silent as LockerItem, ...servos], asked)).toContain(silent);
    expect(list({ facet: 'lacks' }).length).toBeLessThan(servos.length);
  });

  it('is put in order, what has no price last', () => {
    const prices = list({ order: 'price' }).map(({ price }) => price ?? Infinity);
    expect(prices).toEqual([...prices].sort((a, b) => a - b));
    const byName = names(list({ order: 'name' }));
    expect(byName.indexOf('crawler servo, 25 kg·cm')).toBeLessThan(byName.indexOf('crawler servo, 35 kg·cm'));
    expect(list({ order: 'mass' })[0]!.part.name).toContain('tiny');
  });
});
