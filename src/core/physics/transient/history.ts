import type { Allowance } from '../network/newton';

/** The last points of a course, and the formulas of variable step that rest on them. */
export class History {
  private points: { time: number; x: Float64Array }[] = [];
  /** Kept so that points need no new room. */
  private readonly room: Float64Array[];
  private predicted: Float64Array;

  constructor(size: number) {
    this.room = [new Float64Array(size), new Float64Array(size), new Float64Array(size)];
    this.predicted = new Float64Array(size);
  }

  /** Forgets what came before a point; the first step from it is backward Euler's. */
  restart(time: number, x: Float64Array): void {
    for (const { x: used } of this.points) this.room.push(used);
    this.points = [];
    this.push(time, x);
  }

  /** The unknowns at the last point. */
  get last(): Float64Array {
    return this.points[0]!.x;
  }

  push(time: number, x: Float64Array): void {
    if (this.points.length === 3) this.room.push(this.points.pop()!.x);
    const copy = this.room.pop()!;
    copy.set(x);
    this.points.unshift({ time, x: copy });
  }

  /** Order of the error of the next step: how it falls as the step shrinks. */
  get order(): 2 | 3 {
    return this.points.length === 3 ? 3 : 2;
  }

  /** Sets `rest` so that the rate after a step is `alpha·x + rest`. @returns alpha, per second */
  formula(step: number, rest: Float64Array): number {
    const [now, before] = this.points as [{ time: number; x: Float64Array }, ...typeof this.points];
    if (this.order === 2) {
      for (let n = 0; n < rest.length; n += 1) rest[n] = -now.x[n]! / step;
      return 1 / step;
    }
    const share = step / (now.time - before!.time);
    const byNow = -(1 + share) / step;
    const byBefore = (share * share) / ((1 + share) * step);
    const old = before!.x;
    for (let n = 0; n < rest.length; n += 1) rest[n] = byNow * now.x[n]! + byBefore * old[n]!;
    return (1 + 2 * share) / ((1 + share) * step);
  }

  /** Sets `x` to where the last points lead after a step: a constant, a line or a parabola through them. */
  extrapolate(step: number, x: Float64Array): void {
    const [now, before, first] = this.points as [{ time: number; x: Float64Array }, ...typeof this.points];
    if (!before) x.set(now.x);
    else if (!first) {
      const share = step / (now.time - before.time);
      for (let n = 0; n < x.length; n += 1) x[n] = now.x[n]! + share * (now.x[n]! - before.x[n]!);
    } else {
      const t = now.time + step;
      const [a, b, c] = [now.time, before.time, first.time];
      const byNow = ((t - b) * (t - c)) / ((a - b) * (a - c));
      const byBefore = ((t - a) * (t - c)) / ((b - a) * (b - c));
      const byFirst = ((t - a) * (t - b)) / ((c - a) * (c - b));
      for (let n = 0; n < x.length; n += 1)
        x[n] = byNow * now.x[n]! + byBefore * before.x[n]! + byFirst * first.x[n]!;
    }
    this.predicted.set(x);
  }

  /** The largest error of a step, as a share of what is allowed; 0 for the first, which there is no estimate for. */
  error(
    step: number,
    x: Float64Array,
    indices: readonly number[],
    { relative, absolute }: Allowance,
  ): number {
    const [now, before, first] = this.points as [{ time: number; x: Float64Array }, ...typeof this.points];
    if (!before) return 0;
    const h1 = now.time - before.time;
    const share = first ? parabolaShare(step, h1, before.time - first.time) : step / (2 * step + h1);
    let worst = 0;
    for (const n of indices) {
      const size = Math.max(Math.abs(x[n]!), Math.abs(now.x[n]!));
      const error = (share * Math.abs(x[n]! - this.predicted[n]!)) / (relative[n]! * size + absolute[n]!);
      if (error > worst) worst = error;
    }
    return worst;
  }
}

/**
 * The part of the distance between answer and extrapolated parabola that is the answer's own error. With the
 * third derivative d the answer is off by d·h²(h+h1)²/(6(2h+h1)), the parabola by d·h(h+h1)(h+h1+h2)/6.
 */
function parabolaShare(h: number, h1: number, h2: number): number {
  const answer = (h * h * (h + h1) ** 2) / (2 * h + h1);
  const parabola = h * (h + h1) * (h + h1 + h2);
  return answer / (answer + parabola);
}
