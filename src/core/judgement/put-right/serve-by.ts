import { fitPart } from '../../reading/brief/fit-part';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import { carrierId } from '../../model/fitting/component-id';
import type { Edit } from '../../model/plan/edits';
import type { ModelFunction } from '../../model/plan/model-function';
import { exchange } from './swap-part';

/**
 * The edits by which a part serves a function in the place of what served it before.
 * @param served what it takes the place of; what sits on a board stays there, and serves this function no more
 */
export function serveBy(
  build: Build,
  modelFunction: ModelFunction,
  part: PartSpec,
  served: readonly string[],
): Edit[] {
  const pieces = served.filter((id) => carrierId(id) === id);
  if (pieces.length > 0) return exchange(build, pieces, part);
  const devices = modelFunction.devices.filter((id) => !served.includes(id));
  return fitPart(build, part, { ...modelFunction, devices });
}
