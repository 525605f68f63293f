import { planFor, type EliminationPlan } from './elimination-plan';

/**
 * Sparse LU factors of a matrix whose pattern never changes: the elimination is planned once, as a list of
 * places in one array, and carried out on new values as often as asked. Rows are taken in order of least
 * degree, which leaves almost no fill on networks that are nearly trees. There is no pivoting: the diagonals
 * of a network with a path to its reference stay well away from zero, and a pivot that does not is reported.
 */
export class SparseLu {
  /** Values of the matrix, and after `factor` of its factors, by slot. */
  readonly values: Float64Array;
  /** A slot that nothing is read from, for what falls on ground. */
  readonly spare: number;
  private readonly plan: EliminationPlan;
  /** One over each pivot, by rank. */
  private readonly inverse: Float64Array;
  private readonly work: Float64Array;

  /**
   * @param size number of unknowns
   * @param pattern pairs of row and column that may hold a value; diagonals are always there
   */
  constructor(size: number, pattern: readonly (readonly [row: number, column: number])[]) {
    this.plan = planFor(size, pattern);
    this.spare = this.plan.slotCount;
    this.values = new Float64Array(this.plan.slotCount + 1);
    this.inverse = new Float64Array(size);
    this.work = new Float64Array(size);
  }

  /**
   * Where the value of a row and column lies.
   * @throws if the pattern has no such place
   */
  slot(row: number, column: number): number {
    return this.plan.slot(row, column);
  }

  /** Turns the values into factors, in place. @returns the unknown whose pivot vanished, or -1 */
  factor(): number {
    const { values, inverse } = this;
    const { program, size, order, lower, lowerEnd } = this.plan;
    let at = 0;
    let entry = 0;
    for (let n = 0; n < size; n += 1) {
      for (const rowEnd = lowerEnd[n]!; entry < rowEnd; entry += 1) {
        const factor = values[size + entry]! * inverse[lower[entry]!]!;
        values[size + entry] = factor;
        const end = at + 1 + 2 * program[at]!;
        if (factor !== 0)
          for (let m = at + 1; m < end; m += 2) values[program[m]!]! -= factor * values[program[m + 1]!]!;
        at = end;
      }
      const pivot = Math.abs(values[n]!);
      if (!(pivot > 1e-30 && pivot < 1e30)) return order[n]!;
      inverse[n] = 1 / values[n]!;
    }
    return -1;
  }

  /** Solves with the factors; the right-hand side is replaced by the answer. */
  solve(side: Float64Array): void {
    const { values, inverse, work } = this;
    const { order, lower, lowerEnd, lowerCount, upper, upperEnd, size } = this.plan;
    let at = 0;
    for (let n = 0; n < size; n += 1) {
      let sum = side[order[n]!]!;
      for (const end = lowerEnd[n]!; at < end; at += 1) sum -= values[size + at]! * work[lower[at]!]!;
      work[n] = sum;
    }
    const offset = size + lowerCount;
    at = upper.length - 1;
    for (let n = size - 1; n >= 0; n -= 1) {
      let sum = work[n]!;
      for (const start = n > 0 ? upperEnd[n - 1]! : 0; at >= start; at -= 1)
        sum -= values[offset + at]! * work[upper[at]!]!;
      work[n] = sum * inverse[n]!;
    }
    for (let n = 0; n < size; n += 1) side[order[n]!] = work[n]!;
  }
}
