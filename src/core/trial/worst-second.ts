import type { PackState } from '../power/power-picture';
import type { CheckContext } from '../rules/rule';
import type { Conditions } from './conditions';

/**
 * The second that limits are judged by: every motor at full throttle under its usual load, everything else on,
 * and servos stalled or moving as the school of the build counts them.
 */
export function worstSecond({ rails }: Pick<CheckContext, 'rails'>, charge: PackState): Conditions {
  const stalled = new Set(
    rails.flatMap((rail) =>
      rail.counted.filter((one) => one.stalled).map((one) => one.supply.fitted.fitting.id),
    ),
  );
  return {
    charge,
    coldFactor: 1,
    servo: (id) => (stalled.has(id) ? 'stalled' : 'moving'),
    duty: () => 1,
    on: () => 1,
  };
}
