import { describe, expect, it } from 'vitest';
import { weakestProvenance } from './figure';

describe('weakestProvenance', () => {
  it('is the least sure of all', () => {
    expect(weakestProvenance(['measured', 'estimated', 'stated'])).toBe('estimated');
    expect(weakestProvenance(['measured', 'stated'])).toBe('stated');
    expect(weakestProvenance(['measured'])).toBe('measured');
  });
});
