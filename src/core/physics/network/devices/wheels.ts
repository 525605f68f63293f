import { trackOf, type Track } from '../track';
import { gravity } from '../../../base/quantity/constants';
import type { Push, Pusher } from './pusher';
import type { VehicleValues } from './vehicle';

/** The wheels, or tracks, between a motor and the ground. */
export interface WheelsValues {
  /** Id of the vehicle. */
  on: string;
  /** Grip on the ground. */
  mu: number;
  /** Share of the weight on the wheels that this motor drives. */
  drivenShare: number;
  /** m. */
  tyreRadius: number;
  /** Turns of the motor for one of the wheel. */
  gearRatio: number;
  /** Share of the work that the gears pass on, above 0 to 1. */
  efficiency: number;
  /** Slip at which grip is three quarters used up, m/s. */
  slipSpeed: number;
  /** Side of a body with skid steering: 1 goes ahead of its middle in a turn to the left of it, −1 behind. */
  side?: 1 | -1;
}

/**
 * F = mu·m·g·cos(grade)·drivenShare·tanh((ω·r/G − v)/slipSpeed); at the motor's shaft it takes
 * (r/G)·(F + (1/efficiency − 1)·|F|·tanh(ω/omegaEps)), so that the gears never give work.
 */
export class Wheels implements Pusher {
  private readonly grade: Track;
  private readonly grip: number;
  private readonly reach: number;

  /** @param omegaEps speed over which the gears' own loss comes in, rad/s */
  constructor(
    private readonly values: WheelsValues,
    { mass, grade }: VehicleValues,
    private readonly omegaEps: number,
  ) {
    this.grade = trackOf(grade);
    this.grip = values.mu * mass * gravity * values.drivenShare;
    this.reach = values.tyreRadius / values.gearRatio;
  }

  work(shaft: number, body: number, time: number, push: Push): void {
    const { slipSpeed, efficiency } = this.values;
    const { reach } = this;
    const most = this.grip * Math.cos(this.grade.value(time));
    const slip = Math.tanh((shaft * reach - body) / slipSpeed);
    const slope = (most * (1 - slip * slip)) / slipSpeed;
    push.force = most * slip;
    push.forceByShaft = slope * reach;
    push.forceByBody = -slope;
    const turning = Math.tanh(shaft / this.omegaEps);
    const loss = 1 / efficiency - 1;
    const byForce = reach * (1 + loss * (push.force < 0 ? -turning : turning));
    push.torque = reach * (push.force + loss * Math.abs(push.force) * turning);
    push.torqueByShaft =
      byForce * push.forceByShaft +
      (reach * loss * Math.abs(push.force) * (1 - turning * turning)) / this.omegaEps;
    push.torqueByBody = byForce * push.forceByBody;
  }
}
