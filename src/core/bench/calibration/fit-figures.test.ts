import { Matrix } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { fitFigures } from './fit-figures';

/** Readings that are a known function of the logarithms, with slopes by hand. */
function problem(
  readings: { value: number; sigma: number }[],
  priorSigmas: number[],
  of: (moves: readonly number[]) => number[],
) {
  const prior = Matrix.diag(priorSigmas.map((sigma) => sigma ** 2));
  const slopes = (moves: readonly number[]) =>
    new Matrix(
      readings.map((_, n) =>
        moves.map((__, k) => {
          const there = of(moves.map((move, each) => (each === k ? move + 1e-6 : move)));
          return (there[n]! - of(moves)[n]!) / 1e-6;
        }),
      ),
    );
  return { readings, prior, predict: of, slopes };
}

describe('figures moved by readings', () => {
  it('come where weights of reading and range meet, in the linear case to the closed form', () => {
    // One figure, d; the reading is 2·d. Least ((1 − 2d)/0.5)² + (d/0.4)².
    const { moves, sigmas } = fitFigures(problem([{ value: 1, sigma: 0.5 }], [0.4], ([d]) => [2 * d!]));
    const precision = 4 / 0.25 + 1 / 0.16;
    expect(moves[0]).toBeCloseTo(2 / 0.25 / precision, 6);
    expect(sigmas[0]).toBeCloseTo(1 / Math.sqrt(precision), 6);
  });

  it('are found where the reading bends', () => {
    const { moves, after } = fitFigures(
      problem([{ value: Math.exp(1.2), sigma: 1e-3 }], [1], ([d]) => [Math.exp(3 * d!)]),
    );
    expect(moves[0]).toBeCloseTo(0.4, 3);
    expect(after[0]).toBeCloseTo(Math.exp(1.2), 3);
  });

  it('share what several may explain, the least sure the most', () => {
    const { moves } = fitFigures(problem([{ value: 0.5, sigma: 0.01 }], [0.4, 0.1], ([a, b]) => [a! + b!]));
    expect(moves[0]! / moves[1]!).toBeCloseTo(16, 3);
  });

  it('leave out what none explains, and what would drive one too far', () => {
    const far = fitFigures(
      problem(
        [
          { value: 5, sigma: 0.1 },
          { value: 0.1, sigma: 0.1 },
        ],
        [0.3],
        ([d]) => [d!, d!],
      ),
    );
    expect(far.unexplained).toEqual([0]);
    expect(far.moves[0]).toBeCloseTo(0.1 / 0.01 / (1 / 0.01 + 1 / 0.09), 6);
    const none = fitFigures(problem([], [0.3], () => []));
    expect([none.moves, none.sigmas]).toEqual([[0], [0.3]]);
  });
});
