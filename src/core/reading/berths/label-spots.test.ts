import { randomLcg, randomUniform } from 'd3-random';
import { describe, expect, it } from 'vitest';
import { labelSpots, type Named, type Rect } from './label-spots';

const frame: Rect = { x: 0, y: 0, width: 800, height: 220 };
const apart = (a: Rect, b: Rect): boolean =>
  a.x >= b.x + b.width || b.x >= a.x + a.width || a.y >= b.y + b.height || b.y >= a.y + a.height;

describe('names in the picture of the berths', () => {
  it('lie on no other name, nor on a part that is not theirs, nor out of the picture', () => {
    const uniform = randomUniform.source(randomLcg(0.3))(0, 1);
    let shown = 0;
    for (let n = 0; n < 200; n += 1) {
      const things = Array.from({ length: 14 }, (_, id): Named => {
        const [width, height] = [10 + uniform() * 60, 10 + uniform() * 40];
        return {
          id: String(id),
          text: 'starboard controller'.slice(0, 4 + Math.floor(uniform() * 16)),
          rect: { x: uniform() * 720, y: uniform() * 170, width, height },
        };
      });
      const spots = labelSpots(things, frame);
      shown += spots.length;
      const boxes = spots.map(({ id, text, x, y }) => {
        const width = text.length * 6.1;
        return { id, box: { x: x - width / 2 + 0.01, y: y - 10.99, width: width - 0.02, height: 13.98 } };
      });
      for (const [at, { id, box }] of boxes.entries()) {
        expect(box.x >= 0 && box.x + box.width <= frame.width).toBe(true);
        expect(box.y >= 0 && box.y + box.height <= frame.height).toBe(true);
        for (const other of boxes.slice(at + 1)) expect(apart(box, other.box)).toBe(true);
        const own = things.find((thing) => thing.id === id)!.rect;
        const isInside = box.x >= own.x && box.x + box.width <= own.x + own.width;
        for (const thing of things)
          if (thing.id !== id && !isInside) expect(apart(box, thing.rect)).toBe(true);
      }
    }
    expect(shown).toBeGreaterThan(1400);
  });

  it('stand in a part that has room for them, and away with a line where there is none beside it', () => {
    const rect = { x: 300, y: 80, width: 200, height: 60 };
    const [inside] = labelSpots([{ id: 'a', text: 'pack', rect }], frame);
    expect(inside).toEqual({ id: 'a', text: 'pack', x: 400, y: 114 });
    const small = { x: 390, y: 100, width: 8, height: 8 };
    const blocked = { x: 340, y: 70, width: 110, height: 70 };
    const [away] = labelSpots([{ id: 'b', text: 'horn', rect: small }], frame, [blocked]);
    expect(away?.leader?.[1]).toEqual({ x: 394, y: 100 });
  });
});
