import type { Controller } from '../../../physics/network/devices/controller';
import type { Motor } from '../../../physics/network/devices/motor';
import type { Moment, Watcher } from './watcher';

/** Speed of a motor as a share of its unloaded one, above which a reversed stick brakes, and below which it drives. */
const brakesAbove = 0.08;
const drivesBelow = 0.02;

/** A controller whose reversed stick first brakes its motors, and drives them the other way once they stand. */
export class StickBrake implements Watcher {
  /** @param volts nominal, at the controller */
  constructor(
    private readonly controller: Controller,
    private readonly motors: readonly Motor[],
    private readonly volts: number,
  ) {}

  look({ x, time }: Moment): boolean {
    const { controller, motors, volts } = this;
    const asked = controller.askedAt(time);
    const turning = Math.max(
      ...motors.map((motor) => (Math.sign(asked) * -motor.shaft.backVolts(x)) / volts),
    );
    const isBraking = controller.stickBrake > 0;
    const brakes = turning > (isBraking ? drivesBelow : brakesAbove);
    if (brakes) controller.stickBrake = Math.abs(asked);
    else controller.stickBrake = 0;
    return brakes !== isBraking;
  }

  events(): [] {
    return [];
  }
}
