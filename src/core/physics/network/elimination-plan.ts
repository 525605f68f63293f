import { cumsum } from 'd3-array';
import { LRUCache } from 'lru-cache';

/** How a matrix of one pattern is eliminated: worked out once, and the same for whatever values it holds. */
export class EliminationPlan {
  /** Number of slots that the matrix and its fill take. */
  readonly slotCount: number;
  /** The unknown of each rank. */
  readonly order: Int32Array;
  /** For each entry of the lower factor: number of updates, then target and source slots in turn. */
  readonly program: Int32Array;
  /**
   * Ranks that each rank's row of the lower and of the upper factor is coupled to, row after row, and where each
   * row ends. Their slots follow each other in the same order: the lower ones behind the diagonals, then the upper.
   */
  readonly lower: Int32Array;
  readonly lowerEnd: Int32Array;
  readonly lowerCount: number;
  readonly upper: Int32Array;
  readonly upperEnd: Int32Array;
  /** By row · size + column. */
  private readonly slots = new Map<number, number>();

  /**
   * @param size number of unknowns
   * @param pattern pairs of row and column that may hold a value; diagonals are always there
   */
  constructor(
    readonly size: number,
    pattern: readonly (readonly [row: number, column: number])[],
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

    let count = 0;
    const place = (row: number, column: number) => {
      this.slots.set(order[row]! * size + order[column]!, count);
      count += 1;
    };
    const placeOf = (row: number, column: number) => this.slots.get(order[row]! * size + order[column]!)!;
    const earlier = Array.from({ length: size }, () => [] as number[]);
    later.forEach((all, n) => all.forEach((m) => earlier[m]!.push(n)));
    // Diagonals come first: a rank is the slot of its pivot. What solving goes through in turn lies in turn.
    for (let n = 0; n < size; n += 1) place(n, n);
    for (let n = 0; n < size; n += 1) for (const k of earlier[n]!) place(n, k);
    this.lowerCount = count - size;
    for (let n = 0; n < size; n += 1) for (const m of later[n]!) place(n, m);
    this.slotCount = count;
    this.order = Int32Array.from(order);
    const program: number[] = [];
    this.lower = Int32Array.from(earlier.flat());
    this.upper = Int32Array.from(later.flat());
    this.lowerEnd = Int32Array.from(cumsum(earlier, (row) => row.length));
    this.upperEnd = Int32Array.from(cumsum(later, (row) => row.length));
    for (let n = 0; n < size; n += 1)
      for (const k of earlier[n]!) {
        program.push(later[k]!.length);
        for (const m of later[k]!) program.push(placeOf(n, m), placeOf(k, m));
      }
    this.program = Int32Array.from(program);
  }

  /**
   * Where the value of a row and column lies.
   * @throws if the pattern has no such place
   */
  slot(row: number, column: number): number {
    const slot = this.slots.get(row * this.size + column);
    if (slot === undefined) throw new Error(`no place in the matrix for row ${row}, column ${column}`);
    return slot;
  }
}

/** Plans that were asked for last: a check tries many figures on one wiring. */
const known = new LRUCache<string, EliminationPlan>({ max: 24 });

/** The plan for a pattern, from those asked for lately where it is among them. */
export function planFor(
  size: number,
  pattern: readonly (readonly [row: number, column: number])[],
): EliminationPlan {
  const key = `${size}:${pattern.map(([row, column]) => row * size + column).join()}`;
  const plan = known.get(key) ?? new EliminationPlan(size, pattern);
  known.set(key, plan);
  return plan;
}

function leastDegreeOrder(neighbours: readonly ReadonlySet<number>[]): number[] {
  const graph = neighbours.map((neighbour) => new Set(neighbour));
  const left = new Set(graph.keys());
  const order: number[] = [];
  while (left.size > 0) {
    let best = -1;
    let least = Infinity;
    for (const unknown of left) {
      const degree = graph[unknown]!.size;
      if (degree >= least) continue;
      best = unknown;
      least = degree;
      // Nothing is lonelier than an end: the rest need not be looked at.
      if (degree <= 1) break;
    }
    left.delete(best);
    order.push(best);
    const around = graph[best]!;
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
