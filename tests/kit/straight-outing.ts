import type { Build } from '../../src/core/model/plan/build';
import type { Outing } from '../../src/core/model/plan/outing';

/** Nothing but the drive: still for a second, then up to some throttle, and on. */
export const straightOuting = (
  build: Build,
  seconds: number,
  throttle: number,
  effort = 1,
  rampSeconds = 1,
): Outing => ({
  id: 'straight',
  name: 'Straight on',
  seconds,
  effort,
  tracks: build.functions
    .filter((modelFunction) => modelFunction.role === 'drive')
    .map((modelFunction) => ({
      function: modelFunction.id,
      points: [
        [0, 0],
        [1, 0],
        [1 + rampSeconds, throttle],
      ],
    })),
});
