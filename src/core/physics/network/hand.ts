import { Track } from './track';

/** A value that is moved by hand while a course goes on: straight from where it stands to where it is wanted. */
export class Hand extends Track {
  private from = 0;
  private until = 0;
  private was: number;

  constructor(private is = 0) {
    super([]);
    this.was = is;
  }

  /**
   * Wants another value, and gets there in some seconds.
   * @returns whether its line bends now
   */
  move(now: number, seconds: number, value: number): boolean {
    const bends = value !== this.is || this.is !== this.was;
    this.was = this.value(now);
    this.from = now;
    this.until = now + seconds;
    this.is = value;
    return bends;
  }

  override value(seconds: number): number {
    if (seconds >= this.until) return this.is;
    if (seconds <= this.from) return this.was;
    return this.was + ((this.is - this.was) * (seconds - this.from)) / (this.until - this.from);
  }

  override slope(seconds: number): number {
    return seconds < this.from || seconds >= this.until ? 0 : (this.is - this.was) / (this.until - this.from);
  }
}
