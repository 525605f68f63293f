import type { MovingServo } from '../../../physics/network/devices/servo';
import type { TrialEvent } from '../trial-result';
import { Stretches, type Moment, type Watcher } from './watcher';

/** Speed under which a servo stands, in rad/s, and the share of its stall amps that make standing a stall. */
const standing = 0.2;
const stallShare = 0.75;
/** A reversal stands for an instant; a stall lasts. */
const leastSeconds = 0.4;

/** A servo that pushes and does not move. */
export class Stall implements Watcher {
  private readonly stretches = new Stretches(0.05);

  constructor(
    private readonly servo: MovingServo,
    private readonly part: { id: string; name: string },
  ) {}

  look(moment: Moment): boolean {
    const { servo } = this;
    const isStanding = Math.abs(moment.x[servo.speedIndex]!) < standing;
    const isPushing = servo.amps(moment.x, moment.time) > stallShare * servo.values.stallAmps;
    this.stretches.note(isStanding && isPushing, moment);
    return false;
  }

  events(): TrialEvent[] {
    const { id, name } = this.part;
    return this.stretches.all
      .filter(({ at, until }) => until - at >= leastSeconds)
      .map(({ at, until }) => ({
        kind: 'stall',
        subject: id,
        at,
        until,
        words: `The ${name} stands and pushes for ${(until - at).toFixed(1)} s: it draws its stall amps and warms fast.`,
      }));
  }
}
