import type { Build } from '../core/model/plan/build';
import { readingOf } from '../core/reading/build-reading/reading';
import { spiceText } from '../core/physics/network/spice';
import { failure, success, type Result } from '../core/base/result';
import { starterLocker } from '../core/model/starter/starter-locker';

/** `hull netlist`: the worst second of a build as SPICE text, with our own answer in comments. */
export function netlistCommand(build: Build): Result<string, string> {
  const { circuit } = readingOf(build, starterLocker);
  const point = circuit.at('given', 'nominal');
  if (!point) return failure('the network of this build does not settle');
  return success(
    spiceText(`${build.name}, at its worst second, packs nominal`, point.elements, point.nodeVolts()),
  );
}
