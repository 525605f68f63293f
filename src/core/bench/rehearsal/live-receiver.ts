import type { WatchedReceiver } from '../../desk/trial/receivers-watched';
import { wakingSeconds } from '../../desk/trial/waking';
import { backVolts, restartSeconds } from '../../desk/trial/watch/brown-out';
import type { Moment } from '../../desk/trial/watch/watcher';

/** A receiver from power to its first signal, and again after each time that its volts fell under its floor. */
export class LiveReceiver {
  private upFor: number | undefined;
  private least = Infinity;
  private hasBeenUp = false;

  /** @param isAwake it worked its parts before, and goes on to */
  constructor(
    private readonly watched: WatchedReceiver,
    private readonly isAwake = false,
  ) {
    if (isAwake) this.upFor = restartSeconds;
  }

  /** Whether it works its parts. */
  get isUp(): boolean {
    return this.upFor !== undefined && this.upFor >= restartSeconds;
  }

  look({ x, time, step }: Moment): void {
    if (this.isAwake && time < wakingSeconds) return;
    const { floor, volts } = this.watched;
    const now = volts(x);
    // Not while power comes up.
    if (this.hasBeenUp) this.least = Math.min(this.least, now);
    this.hasBeenUp ||= this.isUp;
    if (now < (this.upFor === undefined ? floor + backVolts : floor)) this.upFor = undefined;
    else this.upFor = (this.upFor ?? 0) + step;
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
