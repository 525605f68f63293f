import type { FileProblem } from '../../core/base/validation/problem';
import { failure, success, type Result } from '../../core/base/result';

/** Largest file that is looked at. */
const mostBytes = 50 * 2 ** 20;

/** The text of a file that a person chose, or why it has none. */
export async function readText(file: File): Promise<Result<string, FileProblem>> {
  if (file.size > mostBytes)
    return failure({ where: file.name, why: `is larger than ${mostBytes / 2 ** 20} MB` });
  try {
    return success(new TextDecoder('utf-8', { fatal: true }).decode(await file.arrayBuffer()));
  } catch {
    return failure({ where: file.name, why: 'is not UTF-8 text, or cannot be opened' });
  }
}
