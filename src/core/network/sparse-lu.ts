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
  private readonly slots: Map<number, number>[];
  private readonly order: Int32Array;
  private readonly diagonal: Int32Array;
  /** Eliminations: slot of the factor, diagonal slot, number of updates, then target and source slots in turn. */
  private readonly program: Int32Array;
  private readonly lowerStart: Int32Array;
  private readonly lower: Int32Array;
  private readonly upperStart: Int32Array;
  private readonly upper: Int32Array;
  private readonly work: Float64Array;

  /**
   * @param size number of unknowns
   * @param pattern pairs of row and column that may hold a value; diagonals are always there
   */
  constructor(
    readonly size: number,
    pattern: Iterable<readonly [row: number, column: number]>,
  ) {
    const neighbours = Array.from({ length: size }, () => new Set<number>());
    for (const [row, column] of pattern) {
      if (row === column) continue;
      neighbours[row]!.add(column);
      neighbours[column]!.add(row);
    }
    const order = leastDegreeOrder(neighbours);
    const rank = new Int32Array(size);
    order.forEach((unknown, n) => (rank[unknown] = n));
    // In elimination order, `later[n]` holds the ranks that row n is coupled to after fill.
    const later = fillIn(neighbours, order, rank);

    this.slots = Array.from({ length: size }, () => new Map<number, number>());
    let count = 0;
    const place = (row: number, column: number) => {
      this.slots[order[row]!]!.set(order[column]!, count);
      count += 1;
      return count - 1;
    };
    const byRank = Array.from({ length: size }, () => new Map<number, number>());
    for (let n = 0; n < size; n += 1) byRank[n]!.set(n, place(n, n));
    for (let n = 0; n < size; n += 1)
      for (const m of later[n]!) {
        byRank[n]!.set(m, place(n, m));
        byRank[m]!.set(n, place(m, n));
      }
    this.spare = count;
    this.values = new Float64Array(count + 1);
    this.order = Int32Array.from(order);
    this.diagonal = Int32Array.from({ length: size }, (_, n) => byRank[n]!.get(n)!);
    const program: number[] = [];
    const lower: number[] = [];
    const upper: number[] = [];
    this.lowerStart = new Int32Array(size + 1);
    this.upperStart = new Int32Array(size + 1);
    const earlier = Array.from({ length: size }, () => [] as number[]);
    later.forEach((all, n) => all.forEach((m) => earlier[m]!.push(n)));
    for (let n = 0; n < size; n += 1) {
      for (const k of earlier[n]!.sort((a, b) => a - b)) {
        program.push(byRank[n]!.get(k)!, this.diagonal[k]!, later[k]!.length);
        for (const m of later[k]!) program.push(byRank[n]!.get(m)!, byRank[k]!.get(m)!);
        lower.push(k, byRank[n]!.get(k)!);
      }
      for (const m of later[n]!) upper.push(m, byRank[n]!.get(m)!);
      this.lowerStart[n + 1] = lower.length;
      this.upperStart[n + 1] = upper.length;
    }
    this.program = Int32Array.from(program);
    this.lower = Int32Array.from(lower);
    this.upper = Int32Array.from(upper);
    this.work = new Float64Array(size);
  }

  /**
   * Where the value of a row and column lies.
   * @throws if the pattern has no such place
   */
  slot(row: number, column: number): number {
    const slot = this.slots[row]?.get(column);
    if (slot === undefined) throw new Error(`no place in the matrix for row ${row}, column ${column}`);
    return slot;
  }

  /** Turns the values into factors, in place. @returns the unknown whose pivot vanished, or -1 */
  factor(): number {
    const { values, program, diagonal } = this;
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
    for (let n = 0; n < diagonal.length; n += 1) {
      const pivot = Math.abs(values[diagonal[n]!]!);
      if (!(pivot > 1e-30 && pivot < 1e30)) return this.order[n]!;
    }
    return -1;
  }

  /** Solves with the factors; the right-hand side is replaced by the answer. */
  solve(side: Float64Array): void {
    const { values, order, lower, lowerStart, upper, upperStart, diagonal, work, size } = this;
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
      work[n] = sum / values[diagonal[n]!]!;
    }
    for (let n = 0; n < size; n += 1) side[order[n]!] = work[n]!;
  }
}

function leastDegreeOrder(neighbours: readonly ReadonlySet<number>[]): number[] {
  const graph = neighbours.map((neighbour) => new Set(neighbour));
  const left = new Set(graph.keys());
  const order: number[] = [];
  while (left.size > 0) {
    let best = -1;
    for (const unknown of left) if (best < 0 || graph[unknown]!.size < graph[best]!.size) best = unknown;
    left.delete(best);
    order.push(best);
    const around = [...graph[best]!];
    for (const unknown of around) {
      graph[unknown]!.delete(best);
      for (const other of around) if (other !== unknown) graph[unknown]!.add(other);
    }
  }
  return order;
}

/** For each rank the later ranks it is coupled to, once eliminating has filled in what it fills in. */
function fillIn(
  neighbours: readonly ReadonlySet<number>[],
  order: readonly number[],
  rank: Int32Array,
): number[][] {
  const later = order.map(
    (self, n) =>
      new Set([...neighbours[self]!].map((unknown) => rank[unknown]!).filter((unknown) => unknown > n)),
  );
  for (const row of later) {
    const all = [...row].sort((a, b) => a - b);
    const [first] = all;
    if (first === undefined) continue;
    for (const unknown of all.slice(1)) later[first]!.add(unknown);
  }
  return later.map((row) => [...row].sort((a, b) => a - b));
}
