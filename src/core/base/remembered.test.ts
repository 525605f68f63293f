import { describe, expect, it } from 'vitest';
import { remembered, rememberedAlone } from './remembered';

describe('what is remembered', () => {
  it('is worked out once for each pair, in whatever order they are asked for, nothing found too', () => {
    const asked: string[] = [];
    const pair = remembered((first: { id: string }, second: string) => {
      asked.push(first.id + second);
      return second === 'none' ? undefined : first.id + second;
    });
    const [a, b] = [{ id: 'a' }, { id: 'b' }];
    for (let round = 0; round < 2; round += 1)
      for (const second of ['1', 'none', '2'])
        for (const first of [a, b])
          expect(pair(first, second)).toBe(second === 'none' ? undefined : first.id + second);
    expect(asked).toHaveLength(6);
  });

  it('may ask for itself while it is worked out', () => {
    const sum = remembered((unit: { size: number }, count: number): number =>
      count === 0 ? 0 : unit.size + sum(unit, count - 1) + sum({ size: 0 }, 0),
    );
    expect(sum({ size: 2 }, 5)).toBe(10);
  });

  it('is told apart by the thing itself, not by what it looks like', () => {
    let count = 0;
    const number = rememberedAlone((_: { id: string }) => (count += 1));
    const [one, other] = [{ id: 'a' }, { id: 'a' }];
    expect([number(one), number(other), number(one)]).toEqual([1, 2, 1]);
  });
});
