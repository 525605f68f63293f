import { describe, expect, it } from 'vitest';
import { bandWords } from './band-words';
import { formatQuantity } from './format';
import { runTimeWords } from './run-time-words';

describe('a figure with its band', () => {
  it('says the unit once, and one figure where both ends are said alike', () => {
    expect(bandWords(32, { low: 25, high: 40 }, runTimeWords)).toBe('25–40 min');
    expect(bandWords(170, { low: 150, high: 240 }, runTimeWords)).toBe('150 min – 4.0 h');
    expect(bandWords(5.02, { low: 5.01, high: 5.03 }, (volts) => formatQuantity(volts, 'V'))).toBe('5.0 V');
  });

  it('never leaves out the figure itself', () => {
    expect(bandWords(45, { low: 25, high: 40 }, runTimeWords)).toBe('25–45 min');
  });
});
