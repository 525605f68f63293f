import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { History } from './history';

const coefficient = fc.double({ min: -5, max: 5, noNaN: true });
const step = fc.double({ min: 0.01, max: 2, noNaN: true });

/** A history of a course at three times, the last first in memory. */
function after(course: (time: number) => number, steps: readonly number[]) {
  const history = new History(1);
  let time = 0;
  history.restart(time, Float64Array.of(course(time)));
  for (const value of steps) {
    time += value;
    history.push(time, Float64Array.of(course(time)));
  }
  return { history, time };
}

const allowance = { relative: Float64Array.of(0), absolute: Float64Array.of(1) };

describe('History', () => {
  it('extrapolates a parabola exactly over steps of any length', () => {
    fc.assert(
      fc.property(coefficient, coefficient, coefficient, step, step, step, (a, b, c, h1, h2, h) => {
        const course = (t: number) => a + b * t + c * t * t;
        const { history, time } = after(course, [h1, h2]);
        const x = new Float64Array(1);
        history.extrapolate(h, x);
        const scale = Math.abs(a) + Math.abs(b) * (time + h) + Math.abs(c) * (time + h) ** 2;
        // A long step from points close together magnifies their rounding.
        const magnified = 1 + (h / Math.min(h1, h2)) ** 2;
        expect(Math.abs(x[0]! - course(time + h))).toBeLessThanOrEqual(1e-13 * magnified * (scale + 1));
      }),
    );
  });

  it('gives the rate of a parabola exactly, and that of a line from two points', () => {
    fc.assert(
      fc.property(coefficient, coefficient, step, step, step, (b, c, h1, h2, h) => {
        const course = (t: number) => b * t + c * t * t;
        const { history, time } = after(course, [h1, h2]);
        const rest = new Float64Array(1);
        const alpha = history.formula(h, rest);
        const end = time + h;
        const scale = (Math.abs(b) + 2 * Math.abs(c) * end + 1) * (1 + h / h2 + h2 / h);
        expect(Math.abs(alpha * course(end) + rest[0]! - (b + 2 * c * end))).toBeLessThan(1e-10 * scale);

        const line = new History(1);
        line.restart(0, Float64Array.of(3));
        const rate = line.formula(h, rest);
        expect(rate * (3 + b * h) + rest[0]!).toBeCloseTo(b, 8);
      }),
    );
  });

  it('tells the error of the formula on a cubic, whose third rate never changes', () => {
    const cubic = (t: number) => t ** 3;
    const { history, time } = after(cubic, [0.3, 0.5]);
    const h = 0.4;
    const [x, rest] = [new Float64Array(1), new Float64Array(1)];
    const alpha = history.formula(h, rest);
    history.extrapolate(h, x);
    // What the implicit formula would answer for dx/dt = 3t², a rate that does not depend on x.
    const end = time + h;
    const answer = (3 * end ** 2 - rest[0]!) / alpha;
    const told = history.error(h, Float64Array.of(answer), [0], allowance);
    expect(told).toBeCloseTo(Math.abs(answer - cubic(end)), 9);
  });

  it('knows nothing of an error before it has two points, and forgets at a restart', () => {
    const { history } = after((t) => t, [0.1, 0.1]);
    expect(history.order).toBe(3);
    history.restart(1, Float64Array.of(7));
    expect(history.order).toBe(2);
    const x = new Float64Array(1);
    history.extrapolate(5, x);
    expect(x[0]).toBe(7);
    expect(history.error(5, Float64Array.of(100), [0], allowance)).toBe(0);
  });
});
