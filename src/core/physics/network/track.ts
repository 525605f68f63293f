/** Points of a line over time: seconds, value. */
export type TrackPoints = readonly (readonly [seconds: number, value: number])[];

/** A value over time: straight lines between points, the first value before them and the last after. */
export class Track {
  private at = 0;
  // Apart, so that looking a value up touches plain numbers only.
  private readonly times: Float64Array;
  private readonly values: Float64Array;

  constructor(points: TrackPoints) {
    this.times = new Float64Array(points.length);
    this.values = new Float64Array(points.length);
    for (let n = 0; n < points.length; n += 1) [this.times[n], this.values[n]] = points[n]!;
  }

  /** The value at a time. Times usually rise, so the search begins where the last one ended. */
  value(seconds: number): number {
    const { times, values } = this;
    const last = times.length - 1;
    if (last < 0) return 0;
    let { at } = this;
    while (at > 0 && times[at]! > seconds) at -= 1;
    while (at < last && times[at + 1]! <= seconds) at += 1;
    this.at = at;
    const from = times[at]!;
    const value = values[at]!;
    if (at === last || seconds <= from) return value;
    return value + ((values[at + 1]! - value) * (seconds - from)) / (times[at + 1]! - from);
  }

  /** How the value changes at a time, per second; at a bend, to the later side. */
  slope(seconds: number): number {
    const { times, values } = this;
    this.value(seconds);
    const { at } = this;
    if (at >= times.length - 1 || seconds < times[0]!) return 0;
    return (values[at + 1]! - values[at]!) / (times[at + 1]! - times[at]!);
  }

  /** Times at which the line bends. */
  get breakpoints(): number[] {
    return [...this.times];
  }
}

/** A track from points, or one value that never changes. */
export const trackOf = (value: number | TrackPoints | undefined): Track =>
  new Track(typeof value === 'number' ? [[0, value]] : (value ?? []));
