/** What one node or unknown did over time: its extremes, its mean, its end, and how long it was too low. */
export interface CourseFigures {
  min: number;
  max: number;
  mean: number;
  /** Read at 99.99 % of the time. */
  end: number;
  after: number;
  secondsBelow?: { volts: number; seconds: number };
}

/** Gathers figures step by step; between steps the course is taken as a straight line. */
export class CourseProbe {
  private min = Infinity;
  private max = -Infinity;
  private area = 0;
  private secondsBelow = 0;
  private end = 0;
  private last: { time: number; value: number } | undefined;

  /**
   * @param seconds how long the whole course is
   * @param after from when on it counts
   * @param below a threshold to time, in the unit of the value
   */
  constructor(
    private readonly seconds: number,
    private readonly after: number,
    private readonly below: number | undefined,
  ) {}

  add(time: number, value: number): void {
    const { last, after } = this;
    if (last && time > after) {
      const from = last.time >= after ? last : { time: after, value: between(last, { time, value }, after) };
      if (from !== last) this.see(from.value);
      this.see(value);
      const span = time - from.time;
      this.area += (span * (from.value + value)) / 2;
      if (this.below !== undefined) this.secondsBelow += span * shareBelow(from.value, value, this.below);
      const atEnd = this.seconds * 0.9999;
      if (last.time < atEnd && time >= atEnd) this.end = between(last, { time, value }, atEnd);
    }
    this.last = { time, value };
  }

  figures(): CourseFigures {
    const span = Math.max((this.last?.time ?? 0) - this.after, 1e-12);
    return {
      min: this.min,
      max: this.max,
      mean: this.area / span,
      end: this.end,
      ...(this.below !== undefined && { secondsBelow: { volts: this.below, seconds: this.secondsBelow } }),
      after: this.after,
    };
  }

  private see(value: number): void {
    this.min = Math.min(this.min, value);
    this.max = Math.max(this.max, value);
  }
}

interface Sample {
  time: number;
  value: number;
}

function between(from: Sample, to: Sample, time: number): number {
  const share = to.time === from.time ? 1 : (time - from.time) / (to.time - from.time);
  return from.value + share * (to.value - from.value);
}

/** The share of a straight line from one value to another that lies below a threshold. */
function shareBelow(from: number, to: number, threshold: number): number {
  const [low, high] = from < to ? [from, to] : [to, from];
  if (high <= threshold) return high < threshold ? 1 : 0;
  return low >= threshold ? 0 : (threshold - low) / (high - low);
}
