/** Lays a course with steps of any length onto even slices of time. */
export class Sampler {
  readonly values: Float64Array;
  private lastTime = 0;
  private lastValue: number;

  /**
   * @param seconds of the whole course
   * @param slices how many even parts it is cut into
   * @param keep `lowest` value in each slice, `mean` over it, or the value at its `end`
   */
  constructor(
    private readonly seconds: number,
    slices: number,
    private readonly keep: 'lowest' | 'mean' | 'end',
    first: number,
  ) {
    this.values = new Float64Array(slices).fill(keep === 'lowest' ? Infinity : keep === 'mean' ? 0 : first);
    this.lastValue = first;
  }

  /** Adds a step that ended at a time with a value; between steps the course is a straight line. */
  add(time: number, value: number): void {
    const { values, seconds, keep, lastTime, lastValue } = this;
    const width = seconds / values.length;
    const slope = time > lastTime ? (value - lastValue) / (time - lastTime) : 0;
    const from = Math.min(Math.floor(lastTime / width), values.length - 1);
    const to = Math.min(Math.floor((time / width) * (1 - 1e-12)), values.length - 1);
    for (let n = from; n <= to; n += 1) {
      const start = Math.max(lastTime, n * width);
      const end = Math.min(time, (n + 1) * width);
      const a = lastValue + slope * (start - lastTime);
      const b = lastValue + slope * (end - lastTime);
      if (keep === 'lowest') values[n] = Math.min(values[n]!, a, b);
      else if (keep === 'mean') values[n]! += ((a + b) / 2) * ((end - start) / width);
      else values[n] = b;
    }
    this.lastTime = time;
    this.lastValue = value;
  }
}
