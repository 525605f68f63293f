/** Points of a line over time: seconds, value. */
export type TrackPoints = readonly (readonly [seconds: number, value: number])[];

/** A value over time: straight lines between points, the first value before them and the last after. */
export class Track {
  private at = 0;

  constructor(private readonly points: TrackPoints) {}

  /** The value at a time. Times usually rise, so the search begins where the last one ended. */
  value(seconds: number): number {
    const { points } = this;
    const last = points.length - 1;
    if (last < 0) return 0;
    while (this.at > 0 && points[this.at]![0] > seconds) this.at -= 1;
    while (this.at < last && points[this.at + 1]![0] <= seconds) this.at += 1;
    const [from, value] = points[this.at]!;
    if (this.at === last || seconds <= from) return value;
    const [to, next] = points[this.at + 1]!;
    return value + ((next - value) * (seconds - from)) / (to - from);
  }

  /** Times at which the line bends. */
  get breakpoints(): number[] {
    return this.points.map(([seconds]) => seconds);
  }
}

/** A track from points, or one value that never changes. */
export const trackOf = (value: number | TrackPoints | undefined): Track =>
  new Track(typeof value === 'number' ? [[0, value]] : (value ?? []));
