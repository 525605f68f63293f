import type { Build } from '../plan/build';
import { applyEdits, type Edit } from '../plan/edits';
import { failure, success, type Result } from '../../base/result';
import { buildProblem } from './build-problem';
import type { FileProblem } from '../../base/validation/problem';

/**
 * The build after some edits, where it can be kept: it passes the same checks as a file that is read.
 * @returns what is wrong with it otherwise; the build passed in is left as it was either way
 */
export function changeBuild(build: Build, edits: readonly Edit[]): Result<Build, FileProblem> {
  let changed: Build;
  try {
    changed = applyEdits(build, edits);
  } catch (error) {
    return failure({ where: 'the change', why: error instanceof Error ? error.message : String(error) });
  }
  const problem = buildProblem(changed as unknown as Record<string, unknown>);
  return problem ? failure(problem) : success(changed);
}
