import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SparseLu } from './sparse-lu';

/** A matrix of a network: couplings both ways, and diagonals that outweigh their rows. */
const matrices = fc.integer({ min: 1, max: 14 }).chain((size) =>
  fc.record({
    size: fc.constant(size),
    couplings: fc.array(
      fc.tuple(
        fc.nat(size - 1),
        fc.nat(size - 1),
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.double({ min: -5, max: 5, noNaN: true }),
      ),
      { maxLength: 30 },
    ),
    answer: fc.array(fc.double({ min: -10, max: 10, noNaN: true }), { minLength: size, maxLength: size }),
  }),
);

describe('SparseLu', () => {
  it('solves what it was given, whatever the pattern', () => {
    fc.assert(
      fc.property(matrices, ({ size, couplings, answer }) => {
        const lu = new SparseLu(
          size,
          couplings.map(([row, column]) => [row, column] as const),
        );
        const dense = Array.from({ length: size }, () => new Float64Array(size));
        for (const [row, column, there, back] of couplings) {
          if (row === column) continue;
          dense[row]![column]! += there;
          dense[column]![row]! += back;
        }
        dense.forEach((row, n) => (row[n] = 1 + row.reduce((sum, value) => sum + Math.abs(value), 0)));
        dense.forEach((row, n) =>
          row.forEach((value, m) => {
            if (value !== 0) lu.values[lu.slot(n, m)] = value;
          }),
        );
        const side = Float64Array.from(dense, (row) =>
          row.reduce((sum, value, m) => sum + value * answer[m]!, 0),
        );
        expect(lu.factor()).toBe(-1);
        lu.solve(side);
        side.forEach((value, n) => expect(value).toBeCloseTo(answer[n]!, 8));
      }),
      { numRuns: 200 },
    );
  });

  it('names the unknown whose pivot vanishes', () => {
    const lu = new SparseLu(2, [[0, 1]]);
    lu.values[lu.slot(0, 0)] = 1;
    expect(lu.factor()).toBe(1);
  });

  it('has no place outside its pattern', () => {
    expect(() => new SparseLu(3, [[0, 1]]).slot(0, 2)).toThrow('row 0, column 2');
  });
});
