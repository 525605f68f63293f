import { partClasses, partKinds, type PartSpec } from './part-spec';
import { boardProblem } from './board/board-problem';
import { isObject } from '../../base/validation/is-object';
import type { FileProblem } from '../../base/validation/problem';
import { firstProblem } from '../../base/validation/validate';

/** The first thing wrong with plain data as a part's sheet, or `undefined`. @param path of the sheet in its file */
export function partProblem(data: unknown, path: string): FileProblem | undefined {
  const kind = partKinds.find((partKind) => isObject(data) && data.kind === partKind);
  if (!isObject(data) || !kind)
    return { where: `${path}.kind`, why: `must be one of ${partKinds.join(', ')}` };
  const problem = firstProblem<PartSpec>(partClasses[kind], data, path);
  const crossed = problem ? undefined : boardProblem(data as unknown as PartSpec);
  return problem ?? (crossed === undefined ? undefined : { where: path, why: crossed });
}
