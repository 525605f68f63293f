import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { PNG } from 'pngjs';
import { describe, expect, it } from 'vitest';
import { madeOf, madeOfThen, picturePath, shots } from './pictures';

/** The part of a picture where the view is: right of the stations, left of the findings, under the hull. */
const middle = { left: 0.08, right: 0.7, top: 0.26, bottom: 0.72 };

/** The share of a picture's middle that is of its commonest colour, and how many colours there are. */
function colours({ width, height, data }: PNG): { commonest: number; count: number } {
  const counts = new Map<number, number>();
  let all = 0;
  for (let y = Math.floor(height * middle.top); y < height * middle.bottom; y += 1)
    for (let x = Math.floor(width * middle.left); x < width * middle.right; x += 1) {
      const colour = data.readUInt32BE(4 * (y * width + x));
      counts.set(colour, (counts.get(colour) ?? 0) + 1);
      all += 1;
    }
  return { commonest: Math.max(...counts.values()) / all, count: counts.size };
}

describe('the pictures in docs/screenshots', () => {
  it('are those that the script takes, each linked from the README', () => {
    const names = readdirSync(path.dirname(picturePath({ name: 'any' }))).filter((text) =>
      text.endsWith('.png'),
    );
    expect(names.sort()).toEqual(shots.map((shot) => `${shot.name}.png`).sort());
    const readme = readFileSync(path.join(import.meta.dirname, '../README.md'), 'utf8');
    for (const name of names) expect(readme).toContain(`docs/screenshots/${name}`);
  });

  it.each(shots)(
    '$name shows its view, and is as new as it (else: npm run build, npm run screenshots)',
    (shot) => {
      const picture = PNG.sync.read(readFileSync(picturePath(shot)));
      expect([picture.width, picture.height]).toEqual([1280, 800]);
      const { commonest, count } = colours(picture);
      expect(commonest).toBeLessThan(0.985);
      expect(count).toBeGreaterThan(20);
      expect(madeOfThen()[shot.name]).toBe(madeOf(shot));
    },
  );
});
