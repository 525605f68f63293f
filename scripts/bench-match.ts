import { matchBuild } from '../src/core/desk/match/match-build';
import type { LockerItem } from '../src/core/model/kinds/locker-item';
import { starterLocker } from '../src/core/model/starter/starter-locker';
import { tub } from '../tests/kit/tub';
import { variedLocker } from '../tests/kit/varied-locker';
import type { Build } from '../src/core/model/plan/build';
import { demo } from './bench-trial';

/**
 * Seconds that matching takes: the tug with all roles open from the starter locker, and the smallest boat with four
 * roles open from a made-up locker of 5,000 parts, some 10^12 combinations.
 */
export function matchFigures(): Record<string, number> {
  const starter = starterLocker.map((part): LockerItem => ({ part, state: 'catalogue', isStarter: true }));
  const four = new Set(['pack', 'esc', 'motor', 'rudder']);
  return {
    ...figuresOf('tugStarter', demo('harbour-tug'), starter),
    ...figuresOf('tub5000parts', tub(), variedLocker(5000, 1), four),
  };
}

function figuresOf(
  name: string,
  build: Build,
  items: readonly LockerItem[],
  open?: ReadonlySet<string>,
): Record<string, number> {
  const start = performance.now();
  const result = matchBuild(build, items, { stock: 'all', most: 8, ...(open && { open }) })!;
  const seconds = (performance.now() - start) / 1000;
  const { raw, checked, pruned, front } = result.searched;
  return {
    [`match.${name}.seconds`]: Number(seconds.toPrecision(3)),
    [`match.${name}.rawCombinations`]: Number(raw.toPrecision(3)),
    [`match.${name}.checked`]: checked,
    [`match.${name}.pruned`]: pruned,
    [`match.${name}.front`]: front,
    [`match.${name}.offers`]: result.offers.length,
  };
}
