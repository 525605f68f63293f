import type { Build } from '../plan/build';
import { failure, success, type Result } from '../result';
import { buildProblem } from './build-problem';
import { isObject } from './is-object';
import { climbed, fileVersion, isKnownVersion } from './ladder';
import { parseJson } from './parse-json';
import type { FileProblem } from './problem';

export const fileFormat = 'dry-hull';
export const fileSuffix = '.dryhull.json';

/** What a file of ours holds besides its format and version. */
export type FileContent = 'build' | 'locker';

/** Reads the text of a build file. Nothing is taken from a file that is wrong anywhere. */
export function readBuildFile(text: string): Result<Build, FileProblem> {
  const content = readEnvelope(text, 'build');
  if (!content.ok) return content;
  if (!isObject(content.value)) return failure({ where: 'build', why: 'is missing' });
  return readBuild(content.value);
}

/** What stands under the expected field of a file of ours, unchecked but for the wrapping. */
export function readEnvelope(text: string, expected: FileContent): Result<unknown, FileProblem> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const data = parsed.value;
  if (!isObject(data)) return failure({ where: 'the file', why: 'must hold one JSON object' });
  const { format, version, [expected]: content, ...others } = data;
  const other = expected === 'build' ? 'locker' : 'build';
  if (format !== fileFormat)
    return failure({ where: 'format', why: `must be "${fileFormat}"; this is not a Dry Hull file` });
  if (other in others)
    return failure({ where: other, why: `this is a ${other} file; a ${expected} file was expected` });
  if (!isKnownVersion(version))
    return failure({
      where: 'version',
      why: `is ${JSON.stringify(version) ?? 'missing'}; this Dry Hull reads versions 1 to ${fileVersion}`,
    });
  const [stray] = Object.keys(others);
  if (stray !== undefined) return failure({ where: stray, why: 'is not a field that Dry Hull knows' });
  return success(climbed(content, version));
}

/** Checks plain data as a build: shape first, then references. */
export function readBuild(data: Record<string, unknown>): Result<Build, FileProblem> {
  const problem = buildProblem(data);
  return problem ? failure(problem) : success(data as unknown as Build);
}
