import { describe, expect, it } from 'vitest';
import type { Figure } from '../../base/validation/figure';
import { Estimates } from './estimates';

const guess = { value: 2, least: 0.5, most: 3, note: 'rule of thumb' };
const figure = (provenance: Figure['provenance'], value = 5): Figure => ({ value, provenance });

describe('Estimates', () => {
  it('take what was stated or measured as it is, and vary nothing of it', () => {
    const estimates = new Estimates([], new Map([['a', 2]]));
    expect(estimates.take('a', 'a', figure('stated'), guess)).toBe(5);
    expect(estimates.take('a', 'a', figure('measured'), guess)).toBe(5);
    expect(estimates.all).toEqual([]);
  });

  it('guess where a sheet is silent, and say so', () => {
    const estimates = new Estimates();
    expect(estimates.take('a', 'ohms of a', undefined, guess)).toBe(2);
    expect(estimates.all).toEqual([{ key: 'a', words: 'ohms of a', ...guess }]);
  });

  it('vary what a sheet itself calls an estimate, in a narrower range', () => {
    const estimates = new Estimates([], new Map([['a', 1.1]]));
    expect(estimates.take('a', 'a', figure('estimated'), guess)).toBeCloseTo(5.5, 12);
    expect(estimates.all[0]).toMatchObject({ value: 5, least: 0.8, most: 1.25 });
  });

  it('list what several parts share once, and vary it the same for all', () => {
    const estimates = new Estimates([], new Map([['shared', 0.5]]));
    expect(estimates.take('shared', 'mass', undefined, guess)).toBe(1);
    expect(estimates.take('shared', 'mass', undefined, guess)).toBe(1);
    expect(estimates.all).toHaveLength(1);
  });
});
