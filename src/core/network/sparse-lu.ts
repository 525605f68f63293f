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
  private readonly work: Float64Array;

  /**
   * @param size number of unknowns
   * @param pattern pairs of row and column that may hold a value; diagonals are always there
   */
  constructor(size: number, pattern: readonly (readonly [row: number, column: number])[]) {
    this.plan = planFor(size, pattern);
    this.spare = this.plan.slotCount;
    this.values = new Float64Array(this.plan.slotCount + 1);
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
    const { values } = this;
    const { program, size, order } = this.plan;
    for (let at = 0; at < program.length;) {
      const factorSlot = program[at]!;
      const pivot = values[program[at + 1]!]!;
      const end = at + 3 + 2 * program[at + 2]!;
      const factor = values[factorSlot]! / pivot;
      values[factorSlot] = factor;
      at += 3;
      if (factor !== 0)
        for (let n = at; n < end; n += 2) values[program[n]!]! -= factor * values[program[n + 1]!]!;
      at = end;
    }
    for (let n = 0; n < size; n += 1) {
      const pivot = Math.abs(values[n]!);
      if (!(pivot > 1e-30 && pivot < 1e30)) return order[n]!;
    }
    return -1;
  }

  /** Solves with the factors; the right-hand side is replaced by the answer. */
  solve(side: Float64Array): void {
    const { values, work } = this;
    const { order, lower, lowerStart, upper, upperStart, size } = this.plan;
    for (let n = 0; n < size; n += 1) {
      let sum = side[order[n]!]!;
      for (let at = lowerStart[n]!; at < lowerStart[n + 1]!; at += 2)
        sum -= values[lower[at + 1]!]! * work[lower[at]!]!;
      work[n] = sum;
    }
    for (let n = size - 1; n >= 0; n -= 1) {
      let sum = work[n]!;
      for (let at = upperStart[n]!; at < upperStart[n + 1]!; at += 2)
        sum -= values[upper[at + 1]!]! * work[upper[at]!]!;
      work[n] = sum / values[n]!;
    }
    for (let n = 0; n < size; n += 1) side[order[n]!] = work[n]!;
  }
}
