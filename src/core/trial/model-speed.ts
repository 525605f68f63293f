import type { Build } from '../plan/build';
import type { Motor } from '../network/devices/motor';
import { isAfloat, modelKilograms, topSpeed, usualKilograms } from '../circuit/values/vehicle-values';
import type { Moment, Watcher } from './watch/watcher';

/** Seconds that a hull of usual mass takes to most of its speed: rule of thumb. */
const hullSeconds = 4;

/**
 * How fast the model goes. Wheels follow their motors. A hull is pushed by thrust, which goes with the square
 * of the screws' speed, against drag, which goes with the square of its own:
 * dv/dt = (s·|s| − e·v·|v|/top²)·top/τ, with s the screws' speed as a share of that at full throttle, and e the
 * load. As it gathers way its screws slip less, and their motors have less to turn.
 */
export class ModelSpeed implements Watcher {
  metresPerSecond = 0;
  top = 0;
  /** Speed at full throttle, and seconds to most of it; none where wheels say how fast it goes. */
  private readonly limits: { top: number; seconds: number };

  /**
   * @param drives with the speed in rad/s at which each brings the model to its top speed
   * @param effort load on the outing against the usual one: a tow holds a hull back
   */
  constructor(
    build: Build,
    private readonly effort: number,
    private readonly drives: readonly { device: Motor; fullSpeed: number }[],
  ) {
    this.limits = {
      top: topSpeed(build),
      seconds: isAfloat(build)
        ? hullSeconds * Math.max(modelKilograms(build) / usualKilograms(build), 0.2)
        : 0,
    };
  }

  look({ x, step }: Moment): boolean {
    const { top, seconds } = this.limits;
    const { drives } = this;
    if (drives.length === 0) return false;
    const share =
      drives.reduce((sum, { device, fullSpeed }) => sum + x[device.shaft.speedIndex]! / fullSpeed, 0) /
      drives.length;
    if (seconds === 0) this.metresPerSecond = top * share;
    else {
      const v = this.metresPerSecond / top;
      // Implicit in the drag, so that a long step does not overshoot.
      const part = step / seconds;
      const next = (v + part * share * Math.abs(share)) / (1 + part * this.effort * Math.abs(v));
      this.metresPerSecond = next * top;
      for (const { device, fullSpeed } of drives) device.shaft.advance = next * fullSpeed;
    }
    this.top = Math.max(this.top, Math.abs(this.metresPerSecond));
    return false;
  }

  events(): [] {
    return [];
  }
}
