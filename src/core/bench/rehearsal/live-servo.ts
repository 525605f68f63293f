import { servoFigureAt } from '../../model/kinds/servo/servo-sheet';
import { degreesPerMicro, centreMicros } from '../../reading/radio/pulse';
import type { Fitted } from '../../model/kinds/fitted';

/** Sixty degrees in so many seconds, where no sheet says: an ordinary servo. */
const usualSeconds = 0.18;
/** Volts under which no servo moves. */
const leastVolts = 2.5;
/** Seconds held by force after which its motor burns; and over its volts. Rules of thumb. */
const burnsStalled = 25;
const burnsOver = 4;
const overBy = 1.02;
/** Degrees off its target, and degrees a second, from which a servo is seen to move. */
const seenOff = 2;
const seenSpeed = 4;

/** A servo at the bench: where it is told to go, where it is, and whether it burns as real ones do. */
export class LiveServo {
  degrees = 0;
  isMoving = false;
  /** Why it is burnt; nothing while it is whole. */
  burnt: string | undefined;
  private stalled = 0;
  private over = 0;

  constructor(readonly fitted: Fitted<'servo'>) {}

  /** Where a pulse sends it, in degrees from its middle; nothing where none comes, or it is burnt. */
  target(pulse: number | undefined): number | undefined {
    if (this.burnt !== undefined || pulse === undefined) return undefined;
    return (pulse - centreMicros) * degreesPerMicro(this.fitted.part.travelDegrees?.value);
  }

  /**
   * Goes on by some seconds.
   * @param volts at its contacts
   * @param target in degrees; it stays where it is without one
   * @param isHeld somebody holds its arm
   * @param solved where the solver has it; nothing where its sheet is too silent for that
   */
  step(
    seconds: number,
    volts: number,
    target: number | undefined,
    isHeld: boolean,
    solved?: { degrees: number; speed: number },
  ): void {
    const most = this.fitted.part.maxVolts?.value;
    this.over = most !== undefined && volts > most * overBy ? this.over + seconds : 0;
    if (this.over > burnsOver)
      this.burnt ??= `${volts.toFixed(1)} V on it, and it stands ${most!.toFixed(1)} V: its electronics are gone.`;
    if (solved) this.degrees = solved.degrees;
    if (this.burnt || volts < leastVolts || target === undefined) {
      this.isMoving = false;
      this.stalled = 0;
      return;
    }
    const far = target - this.degrees;
    this.isMoving = Math.abs(far) > seenOff || Math.abs(solved?.speed ?? 0) > seenSpeed;
    if (isHeld && this.isMoving) {
      this.stalled += seconds;
      if (this.stalled > burnsStalled)
        this.burnt = `It was held against its will for ${burnsStalled} s, at full stall amps: its motor is burnt. An end point that is too wide does the same.`;
      return;
    }
    this.stalled = Math.max(0, this.stalled - seconds);
    if (!solved) this.turn(far, seconds, volts);
  }

  /** Turns as fast as its sheet says, where the solver has no motor for it. */
  private turn(far: number, seconds: number, volts: number): void {
    const sixty = servoFigureAt(this.fitted.part, 'sixtyDegreeSeconds', volts)?.value ?? usualSeconds;
    this.degrees += Math.sign(far) * Math.min(Math.abs(far), (60 / sixty) * seconds);
  }

  /** Share of what it stands when it is held, 0 to 1. */
  get strain(): number {
    return Math.min(1, this.stalled / burnsStalled);
  }
}
