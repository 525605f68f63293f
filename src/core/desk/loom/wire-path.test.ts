import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { wirePath } from './wire-path';

const points = (path: string) =>
  [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));

describe('wirePath', () => {
  const route = [
    { x: 0, y: 100 },
    { x: 60, y: 100 },
    { x: 60, y: 20 },
    { x: 140, y: 20 },
  ];

  it('begins and ends at its contacts', () => {
    const all = points(wirePath(route, { offset: 4, start: { x: -2, y: 108 }, end: { x: 142, y: 12 } }));
    expect(all[0]).toEqual({ x: -2, y: 108 });
    expect(all.at(-1)).toEqual({ x: 142, y: 12 });
  });

  it('runs beside its neighbours at the same distance on every leg', () => {
    const at = (offset: number) => wirePath(route, { offset, start: route[0]!, end: route.at(-1)! });
    // On the plumb leg the wire to the right of travel lies further right, for a run that goes up.
    expect(at(5)).toContain('65,');
    expect(at(-5)).toContain('55,');
  });

  it('rounds corners without overshooting short legs', () => {
    const short = [
      { x: 0, y: 0 },
      { x: 30, y: 0 },
      { x: 30, y: 4 },
      { x: 60, y: 4 },
    ];
    for (const { x, y } of points(wirePath(short, { offset: 0, start: short[0]!, end: short[3]! }))) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(60);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(4);
    }
  });

  it('never writes a number that is none', () => {
    const leg = fc.integer({ min: 15, max: 200 });
    fc.assert(
      fc.property(
        leg,
        fc.integer({ min: -150, max: 150 }),
        leg,
        fc.integer({ min: -9, max: 9 }),
        (first, rise, second, offset) => {
          const bends =
            rise === 0
              ? []
              : [
                  { x: first, y: 0 },
                  { x: first, y: rise },
                ];
          const line = [{ x: 0, y: 0 }, ...bends, { x: first + second, y: rise }];
          expect(wirePath(line, { offset, start: line[0]!, end: line.at(-1)! })).not.toMatch(/NaN|Infinity/);
        },
      ),
      { seed: 5 },
    );
  });
});
