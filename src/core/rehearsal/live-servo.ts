import { servoFigureAt } from '../parts/servo-sheet';
import { degreesPerMicro, centreMicros } from '../radio/pulse';
import type { Fitted } from '../survey/build-index';

/** Sixty degrees in so many seconds, where no sheet says: an ordinary servo. */
const usualSeconds = 0.18;
/** Volts under which no servo moves. */
const leastVolts = 2.5;
/** Seconds held by force after which its motor burns; and over its volts. Rules of thumb. */
const burnsStalled = 25;
const burnsOver = 4;
const overBy = 1.02;

/** A servo that follows its pulse as fast as its sheet says at the volts that it has, and burns as real ones do. */
export class LiveServo {
  degrees = 0;
  isMoving = false;
  /** Why it is burnt; nothing while it is whole. */
  burnt: string | undefined;
  private stalled = 0;
  private over = 0;

  constructor(readonly fitted: Fitted<'servo'>) {}

  /**
   * Goes on by some seconds.
   * @param volts at its contacts
   * @param pulse in µs; it stays where it is without one
   * @param isHeld somebody holds its arm
   */
  step(seconds: number, volts: number, pulse: number | undefined, isHeld: boolean): void {
    const { part } = this.fitted;
    const most = part.maxVolts?.value;
    this.over = most !== undefined && volts > most * overBy ? this.over + seconds : 0;
    if (this.over > burnsOver)
      this.burnt ??= `${volts.toFixed(1)} V on it, and it stands ${most!.toFixed(1)} V: its electronics are gone.`;
    if (this.burnt || volts < leastVolts || pulse === undefined) {
      this.isMoving = false;
      this.stalled = 0;
      return;
    }
    const target = (pulse - centreMicros) * degreesPerMicro(part.travelDegrees?.value);
    const far = target - this.degrees;
    this.isMoving = Math.abs(far) > 0.3;
    if (isHeld && this.isMoving) {
      this.stalled += seconds;
      if (this.stalled > burnsStalled)
        this.burnt = `It was held against its will for ${burnsStalled} s, at full stall amps: its motor is burnt. An end point that is too wide does the same.`;
      return;
    }
    this.stalled = Math.max(0, this.stalled - seconds);
    const sixty = servoFigureAt(part, 'sixtyDegreeSeconds', volts)?.value ?? usualSeconds;
    const step = (60 / sixty) * seconds;
    this.degrees += Math.sign(far) * Math.min(Math.abs(far), step);
  }

  /** Share of what it stands when it is held, 0 to 1. */
  get strain(): number {
    return Math.min(1, this.stalled / burnsStalled);
  }
}
