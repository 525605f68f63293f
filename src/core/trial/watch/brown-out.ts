import type { Drive } from '../../network/devices/drive';
import type { MovingServo } from '../../network/devices/servo';
import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

/** Seconds that a receiver takes to start and find its transmitter again: rule of thumb. */
const restartSeconds = 0.7;
/** How far its volts must come back before it starts. */
const backVolts = 0.1;

interface BrownOutParts {
  receiver: { id: string; name: string; floor: number };
  volts: (x: Float64Array) => number;
  servos: readonly MovingServo[];
  drives: readonly Drive[];
}

/**
 * A receiver under its floor: its servos go limp and its drives to their fail-safe, until its volts have been
 * back for as long as it takes to start. It is not judged before it has been up once.
 */
export class BrownOut implements Watcher {
  private readonly stretches = new Stretches(0);
  private hasBeenUp = false;
  private isDown = false;
  private backSince: number | undefined;

  constructor(private readonly parts: BrownOutParts) {}

  look(moment: Moment): boolean {
    const { receiver, volts } = this.parts;
    const now = volts(moment.x);
    if (!this.hasBeenUp) this.hasBeenUp = now >= receiver.floor + backVolts;
    if (!this.hasBeenUp) return false;
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
    for (const servo of this.parts.servos) servo.isLimp = this.isDown;
    for (const drive of this.parts.drives) drive.isFailSafe = this.isDown;
    return true;
  }

  get count(): number {
    return this.stretches.all.length;
  }

  get seconds(): number {
    return this.stretches.seconds;
  }

  events(): TrialEvent[] {
    const { receiver } = this.parts;
    return this.stretches.all.map(({ at, until }) => ({
      kind: 'brownOut',
      subject: receiver.id,
      at,
      until,
      words: `The ${receiver.name} restarts: its volts fell under ${receiver.floor.toFixed(1)} V. Servos go limp, drives to their fail-safe, for ${(until - at).toFixed(1)} s.`,
    }));
  }
}
