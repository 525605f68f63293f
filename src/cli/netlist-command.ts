import type { Build } from '../core/build/build';
import { checkContext } from '../core/check/check-context';
import { spiceText } from '../core/network/spice';
import { failure, success, type Result } from '../core/result';
import { starterLocker } from '../core/starter/starter-locker';
import { buildPoint } from '../core/trial/build-point';
import { worstSecond } from '../core/trial/worst-second';

/** `hull netlist`: the worst second of a build as SPICE text, with our own answer in comments. */
export function netlistCommand(build: Build): Result<string, string> {
  const context = checkContext(build, starterLocker);
  const point = buildPoint(context, worstSecond(context, 'nominal'));
  if (!point.ok) return failure(`${point.problem.reason} at ${point.problem.at}`);
  return success(
    spiceText(
      `${build.name}, at its worst second, packs nominal`,
      point.value.elements,
      point.value.nodeVolts(),
    ),
  );
}
