import type { WatchedReceiver } from '../trial/receivers-watched';
import { backVolts, restartSeconds } from '../trial/watch/brown-out';
import type { Moment } from '../trial/watch/watcher';

/** A receiver from power to its first signal, and again after each time that its volts fell under its floor. */
export class LiveReceiver {
  private upFor: number | undefined;
  private least = Infinity;
  /** How often it has fallen under its floor since it woke first. */
  restarts = 0;

  constructor(private readonly watched: WatchedReceiver) {}

  /** Whether it works its parts. */
  get isUp(): boolean {
    return this.upFor !== undefined && this.upFor >= restartSeconds;
  }

  look({ x, step }: Moment): void {
    const { floor, volts } = this.watched;
    const now = volts(x);
    this.least = Math.min(this.least, now);
    const wasUp = this.isUp;
    if (now < (this.upFor === undefined ? floor + backVolts : floor)) this.upFor = undefined;
    else this.upFor = (this.upFor ?? 0) + step;
    if (wasUp && !this.isUp) this.restarts += 1;
  }

  /** Volts under which it restarts. */
  get floor(): number {
    return this.watched.floor;
  }

  /** The least volts that it had since this was asked last: a sag may be shorter than a frame. */
  takeLeast(): number | undefined {
    const { least } = this;
    this.least = Infinity;
    return least === Infinity ? undefined : least;
  }
}
