import type { Controller } from '../../../physics/network/devices/controller';
import type { MovingServo } from '../../../physics/network/devices/servo';
import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

/** Seconds that a receiver takes to start and find its transmitter again: rule of thumb. */
export const restartSeconds = 0.7;
/** Volts under which nothing feeds it at all. */
const unfedVolts = 0.5;
/** How far its volts must come back before it starts. */
export const backVolts = 0.1;

interface BrownOutParts {
  /** `undefined` where the build has none: nothing moves then. */
  receiver: { id: string; name: string; floor: number } | undefined;
  volts: (x: Float64Array) => number;
  servos: readonly MovingServo[];
  drives: readonly Controller[];
}

/**
 * A receiver under its floor: its servos go limp and its drives to their fail-safe, until its volts have been
 * back for as long as it takes to start. Nothing moves before it has been up once, and none of that is judged as a
 * brown-out.
 */
export class BrownOut implements Watcher {
  private readonly stretches = new Stretches(0);
  private hasBeenUp = false;
  private isDown = false;
  private backSince: number | undefined;
  /** The most volts that it ever had. */
  mostVolts = 0;

  constructor(private readonly parts: BrownOutParts) {
    this.hold(true);
  }

  look(moment: Moment): boolean {
    const { receiver, volts } = this.parts;
    if (!receiver) return false;
    const now = volts(moment.x);
    this.mostVolts = Math.max(this.mostVolts, now);
    if (!this.hasBeenUp) {
      this.hasBeenUp = now >= receiver.floor + backVolts;
      if (this.hasBeenUp) this.hold(false);
      return this.hasBeenUp;
    }
    const was = this.isDown;
    if (!this.isDown && now < receiver.floor) {
      this.isDown = true;
      this.backSince = undefined;
    } else if (this.isDown) {
      if (now < receiver.floor + backVolts) this.backSince = undefined;
      else this.backSince ??= moment.time;
      if (this.backSince !== undefined && moment.time - this.backSince >= restartSeconds) this.isDown = false;
    }
    this.stretches.note(this.isDown, moment);
    if (was === this.isDown) return false;
    this.hold(this.isDown);
    return true;
  }

  /** Whether it was up at any time. */
  get hasWoken(): boolean {
    return this.hasBeenUp;
  }

  get count(): number {
    return this.stretches.all.length;
  }

  get seconds(): number {
    return this.stretches.seconds;
  }

  events(): TrialEvent[] {
    const { receiver } = this.parts;
    if (!receiver) return [];
    if (!this.hasBeenUp)
      return [
        {
          kind: 'neverWakes',
          subject: receiver.id,
          at: 0,
          until: 0,
          words:
            this.mostVolts < unfedVolts
              ? `The ${receiver.name} never wakes: no power reaches it. Nothing moves.`
              : `The ${receiver.name} never wakes: it has ${this.mostVolts.toFixed(1)} V at most, and needs ${(receiver.floor + backVolts).toFixed(1)} V to start. Nothing moves.`,
        },
      ];
    return this.stretches.all.map(({ at, until }) => ({
      kind: 'brownOut',
      subject: receiver.id,
      at,
      until,
      short: receiver.name,
      words: `The ${receiver.name} restarts: its volts fell under ${receiver.floor.toFixed(1)} V. Servos go limp, drives to their fail-safe, for ${(until - at).toFixed(1)} s.`,
    }));
  }

  private hold(isHeld: boolean): void {
    for (const servo of this.parts.servos) servo.isLimp = isHeld;
    for (const drive of this.parts.drives) drive.isFailSafe = isHeld;
  }
}
