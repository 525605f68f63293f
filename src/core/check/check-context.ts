import { BuildIndex } from '../build/build-index';
import type { Build } from '../build/build';
import type { PartSpec } from '../parts/part-spec';
import { packLoads } from '../power/pack-load';
import { powerPicture, type PackState } from '../power/power-picture';
import { railsOf } from '../power/rails';
import { signalPaths } from '../power/signals';
import type { CheckContext, OperatingView } from '../rules/rule';
import { buildPoint } from '../trial/build-point';
import { worstSecond } from '../trial/worst-second';

/** What the rules look at: the build traced and summed up. */
export function checkContext(build: Build, locker: readonly PartSpec[]): CheckContext {
  const index = new BuildIndex(build);
  const picture = powerPicture(index);
  const rails = railsOf(picture, build.policies);
  const solved = new Map<PackState, OperatingView | undefined>();
  const context: CheckContext = {
    build,
    index,
    picture,
    rails,
    packs: packLoads(index, picture, rails),
    paths: signalPaths(index, picture),
    worstSecond: (charge) => {
      if (!solved.has(charge)) {
        const point = buildPoint(context, worstSecond(context, charge));
        solved.set(charge, point.ok ? point.value : undefined);
      }
      return solved.get(charge);
    },
    locker,
  };
  return context;
}
