import { describe, expect, it } from 'vitest';
import { formatQuantity } from './format';

describe('formatQuantity', () => {
  it.each([
    [6, 'V', '6.0 V'],
    [0.24, 'A', '0.24 A'],
    [2.54, 'mm', '2.54 mm'],
    [-12.6, 'V', '−12.6 V'],
    [1, 'sources', '1 source'],
    [2, 'sources', '2 sources'],
    [3, 'port', 'port 3'],
    [13.2, 'A', '13.2 A'],
  ] as const)('writes %s %s as %s', (value, unit, text) => {
    expect(formatQuantity(value, unit)).toBe(text);
  });
});
