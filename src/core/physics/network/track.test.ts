import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { trackOf } from './track';

describe('a track', () => {
  it('runs straight between its points, and holds its first and last value', () => {
    const track = trackOf([
      [1, 2],
      [3, 6],
      [4, 0],
    ]);
    expect([0, 1, 2, 3, 3.5, 4, 9].map((value) => track.value(value))).toEqual([2, 2, 4, 6, 3, 0, 0]);
    expect(track.breakpoints).toEqual([1, 3, 4]);
  });

  it('jumps where two points stand at one time', () => {
    const track = trackOf([
      [1, 0],
      [1, 5],
    ]);
    expect([track.value(0.999), track.value(1), track.value(1.001)]).toEqual([0, 5, 5]);
  });

  it('is one value where it never changes, and nothing where there is none', () => {
    expect(trackOf(0.7).value(12)).toBe(0.7);
    expect(trackOf(undefined).value(12)).toBe(0);
    expect(trackOf([]).value(12)).toBe(0);
  });

  it('tells the same in whatever order it is asked', () => {
    const points = fc
      .array(fc.tuple(fc.integer({ min: 0, max: 50 }), fc.integer({ min: -9, max: 9 })), { minLength: 1 })
      .map((all) => all.sort(([a], [b]) => a - b));
    const times = fc.array(fc.double({ min: -2, max: 60, noNaN: true }), { minLength: 2 });
    fc.assert(
      fc.property(points, times, (all, at) => {
        const track = trackOf(all);
        const once = at.map((value) => trackOf(all).value(value));
        expect(at.map((value) => track.value(value))).toEqual(once);
      }),
    );
  });
});
