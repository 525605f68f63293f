import { describe, expect, it } from 'vitest';
import type { WellReport } from '../../core/judgement/findings/wells';
import { bulkheads, waterPath, waterShare } from './hull-shape';
import { wellWords } from './well-words';

const dry: WellReport = {
  state: 'dry',
  stop: 0,
  mind: 0,
  note: 0,
  open: 0,
  accepted: 0,
  unknown: 0,
  headline: undefined,
};

describe('wellWords', () => {
  it('says state, counts and the worst figure', () => {
    expect(
      wellWords('voltage', { ...dry, state: 'flooded', stop: 2, mind: 1, headline: '0.8 V over' }),
    ).toEqual({
      state: 'flooded · 2 stops, 1 warning',
      figure: '0.8 V over',
      short: 'flooded 3',
    });
  });

  it('tells known dampness from dampness to be seen to', () => {
    expect(wellWords('voltage', { ...dry, state: 'damp', accepted: 1 }).state).toBe(
      'damp, known · 1 accepted',
    );
    expect(wellWords('voltage', { ...dry, state: 'damp', mind: 1, note: 2 }).state).toBe('damp · 1 warning');
    expect(wellWords('voltage', { ...dry, note: 2 }).state).toBe('dry · 2 notes');
  });

  it('tells not surveyed from facts missing', () => {
    expect(wellWords('space', { ...dry, state: 'hatched' }).state).toBe('not laid out yet');
    expect(wellWords('current', { ...dry, state: 'hatched', unknown: 2 })).toEqual({
      state: 'facts missing',
      figure: '2 unknown',
      short: '2 unknown',
    });
  });

  it('gives a dry well a number too', () => {
    expect(wellWords('control', dry)).toEqual({ state: 'dry', figure: 'no problems', short: 'dry' });
  });
});

describe('the water', () => {
  it('stands higher with more stops, low when damp, and not at all when dry', () => {
    expect(waterShare('flooded', 4)).toBeGreaterThan(waterShare('flooded', 1));
    expect(waterShare('damp', 0)).toBeLessThan(waterShare('flooded', 1));
    expect(waterShare('dry', 0)).toBe(0);
  });

  it('fills a well from bulkhead to bulkhead', () => {
    expect(waterPath(bulkheads[1], bulkheads[2], 40)).toMatch(/^M203 88 L203 40 .* L398 88 Z$/);
  });
});
