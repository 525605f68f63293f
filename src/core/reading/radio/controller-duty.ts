import type { ControllerSpec } from '../../model/kinds/controller/controller';
import type { Fitting } from '../../model/fitting/fitting';
import { centreMicros, type PulseRange } from './pulse';

/** Throttle under which a controller gives nothing. */
const leastDuty = 0.03;

/** Whether a controller gives nothing at one end of its stick, and not in the middle. */
export const startsAtEnd = ({ armsAt, oneWay }: ControllerSpec): boolean =>
  armsAt === 'minimum' || oneWay === true;

/**
 * Throttle that a controller makes of a pulse, −1 to 1, in hundredths: what is finer no eye sees.
 * @param pulse in µs
 * @param zero the pulse in µs at which it was calibrated to give nothing
 */
export function controllerDuty(
  { part, fitting: { running } }: { part: ControllerSpec; fitting: Pick<Fitting, 'running'> },
  pulse: number,
  zero: number,
  { throwMicros }: PulseRange,
): number {
  const away = startsAtEnd(part)
    ? ((pulse - zero) * (zero > centreMicros ? -1 : 1)) / (2 * throwMicros)
    : (pulse - zero) / throwMicros;
  const least = part.oneWay || running === 'noReverse' ? 0 : -1;
  const duty = Math.min(1, Math.max(least, away));
  return Math.abs(duty) < leastDuty ? 0 : Math.round(100 * duty) / 100;
}
