import type { ElementOfKind } from '../../physics/network/devices';
import { noPush } from '../../physics/network/devices/pusher';
import { Screw } from '../../physics/network/devices/screw';

const halvings = 40;

/**
 * Newtons that a motor's screw gives at full throttle, where the motor's torque and the screw's are equal.
 * @param volts at the motor
 * @param metresPerSecond of the hull
 */
export function thrustOf(
  { kv, motorOhms, noLoadAmps, screw }: ElementOfKind<'motor'>,
  volts: number,
  metresPerSecond: number,
): number {
  if (!screw) return 0;
  const kt = 60 / (2 * Math.PI * kv);
  const turning = new Screw(screw);
  const push = noPush();
  let [slow, fast] = [0, volts / kt];
  for (let n = 0; n < halvings; n += 1) {
    const speed = (slow + fast) / 2;
    turning.work(speed, metresPerSecond, 0, push);
    if (kt * ((volts - kt * speed) / motorOhms - noLoadAmps) > push.torque) slow = speed;
    else fast = speed;
  }
  return push.force;
}
