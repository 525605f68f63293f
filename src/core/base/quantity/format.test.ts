import { describe, expect, it } from 'vitest';
import { formatQuantity, formatSigned } from './format';

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

  it('signs margins both ways', () => {
    expect(formatSigned(0.8, 'V')).toBe('+0.8 V');
    expect(formatSigned(-4.3, 'A')).toBe('−4.3 A');
    expect(formatSigned(0, 'V')).toBe('0.0 V');
  });
});
