import type { Brief } from '../build/brief';
import type { ModelKind } from '../build/build';
import type { Drive } from '../network/devices/drive';
import type { Moment, Watcher } from './watch/watcher';

/** Speed at full throttle, in m/s, and seconds to most of it: rules of thumb by kind of model. */
const usual: Record<ModelKind, { top: number; seconds: number }> = {
  boat: { top: 1.4, seconds: 4 },
  yacht: { top: 1.2, seconds: 4 },
  car: { top: 9, seconds: 0 },
  crawler: { top: 0.9, seconds: 0 },
  truck: { top: 1.8, seconds: 0 },
  'tracked machine': { top: 0.7, seconds: 0 },
};

/** Mass for which those hold, in kilograms. */
const usualKilograms = 3;

/**
 * How fast the model goes. Wheels follow their motors. A hull is pushed by thrust, which goes with the square
 * of the screws' speed, against drag, which goes with the square of its own: dv/dt = (s·|s| − v·|v|/top²)·top/τ,
 * with s the screws' speed as a share of that at full throttle.
 */
export class ModelSpeed implements Watcher {
  metresPerSecond = 0;
  top = 0;
  private readonly limits: { top: number; seconds: number };

  constructor(
    model: ModelKind,
    brief: Brief,
    private readonly drives: readonly { device: Drive; fullSpeed: number }[],
  ) {
    const { top, seconds } = usual[model];
    this.limits = {
      top,
      seconds: seconds * Math.max((brief.kilograms ?? usualKilograms) / usualKilograms, 0.2),
    };
  }

  look({ x, step }: Moment): boolean {
    const { top, seconds } = this.limits;
    const { drives } = this;
    if (drives.length === 0) return false;
    const share =
      drives.reduce((sum, { device, fullSpeed }) => sum + x[device.speedIndex]! / fullSpeed, 0) /
      drives.length;
    if (seconds === 0) this.metresPerSecond = top * share;
    else {
      const v = this.metresPerSecond / top;
      // Implicit in the drag, so that a long step does not overshoot.
      const next = (v + (step / seconds) * share * Math.abs(share)) / (1 + (step / seconds) * Math.abs(v));
      this.metresPerSecond = next * top;
    }
    this.top = Math.max(this.top, Math.abs(this.metresPerSecond));
    return false;
  }

  events(): [] {
    return [];
  }
}
