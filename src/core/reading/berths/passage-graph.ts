import type { Passage } from '../../model/plan/model-inside';
import type { Spot } from '../../model/fitting/spot';

/** A place in a berth. */
export interface Anchor {
  spot: Spot;
  /** Id of the berth; `undefined` where it lies in none. */
  berth: string | undefined;
}

/** The shortest way between two places. */
export interface Way {
  /** Metres, without slack. */
  metres: number;
  /** The passages on it, in order. */
  passages: Passage[];
}

export const metresBetween = (a: Spot, b: Spot): number => Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z);

/**
 * The ways through a model: passages that share a berth are joined by a straight line in it. Ways between all
 * passages are found once (Floyd and Warshall); what is asked then looks at those of two berths only.
 */
export class PassageGraph {
  private readonly between: number[][];
  private readonly next: (number | undefined)[][];

  constructor(private readonly passages: readonly Passage[]) {
    const touch = (a: Passage, b: Passage) =>
      [a.from, a.to].some((berth) => berth === b.from || berth === b.to);
    this.between = passages.map((a) =>
      passages.map((b) => (a === b ? 0 : touch(a, b) ? metresBetween(a, b) : Infinity)),
    );
    this.next = this.between.map((row) => row.map((metres, to) => (metres < Infinity ? to : undefined)));
    for (let k = 0; k < passages.length; k += 1)
      for (let i = 0; i < passages.length; i += 1)
        for (let j = 0; j < passages.length; j += 1) {
          const through = this.between[i]![k]! + this.between[k]![j]!;
          if (through < this.between[i]![j]!) {
            this.between[i]![j] = through;
            this.next[i]![j] = this.next[i]![k];
          }
        }
  }

  /** The shortest way; `undefined` where no passages lead from one berth to the other. */
  way(from: Anchor, to: Anchor): Way | undefined {
    if (from.berth === undefined || to.berth === undefined || from.berth === to.berth)
      return { metres: metresBetween(from.spot, to.spot), passages: [] };
    let best: { metres: number; first: number; last: number } | undefined;
    for (const [first, enter] of this.passages.entries()) {
      if (enter.from !== from.berth && enter.to !== from.berth) continue;
      const reach = metresBetween(from.spot, enter);
      for (const [last, leave] of this.passages.entries()) {
        if (leave.from !== to.berth && leave.to !== to.berth) continue;
        const metres = reach + this.between[first]![last]! + metresBetween(leave, to.spot);
        if (metres < (best?.metres ?? Infinity)) best = { metres, first, last };
      }
    }
    return best && { metres: best.metres, passages: this.along(best.first, best.last) };
  }

  private along(first: number, last: number): Passage[] {
    const way = [this.passages[first]!];
    for (let at: number | undefined = first; at !== undefined && at !== last;) {
      at = this.next[at]![last];
      if (at !== undefined) way.push(this.passages[at]!);
    }
    return way;
  }
}
