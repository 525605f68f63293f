import type { Build } from '../plan/build';
import { failure, success, type Result } from '../../base/result';
import { buildProblem } from './build-problem';
import { isObject } from '../../base/validation/is-object';
import { climbed, climbedBackup, fileVersion, isKnownVersion } from './ladder';
import { parseJson } from './parse-json';
import type { FileProblem } from '../../base/validation/problem';

export const fileFormat = 'dry-hull';
export const fileSuffix = '.dryhull.json';

/** What a file of ours holds besides its format and version. */
const contents = ['build', 'locker', 'backup'] as const;
export type FileContent = (typeof contents)[number];

/** Longest backup that is looked at, in characters: it holds many builds. */
const mostOfBackup = 50_000_000;

/** A file of ours, in the form of today: what it holds is not checked yet. */
export interface Opened {
  kind: FileContent;
  content: unknown;
}

/** Reads the text of a build file. Nothing is taken from a file that is wrong anywhere. */
export function readBuildFile(text: string): Result<Build, FileProblem> {
  const content = readEnvelope(text, 'build');
  if (!content.ok) return content;
  if (!isObject(content.value)) return failure({ where: 'build', why: 'is missing' });
  return readBuild(content.value);
}

/** What stands under the expected field of a file of ours, unchecked but for the wrapping. */
export function readEnvelope(text: string, expected: FileContent): Result<unknown, FileProblem> {
  const opened = openFile(text, expected);
  if (!opened.ok) return opened;
  const { kind, content } = opened.value;
  return kind === expected ? success(content) : failure(otherKind(kind, expected));
}

const otherKind = (kind: FileContent, expected: FileContent): FileProblem => ({
  where: kind,
  why: `this is a ${kind} file; a ${expected} file was expected`,
});

/** Finds out which of our files a text is. @param usual what it is taken for where it holds nothing of ours */
export function openFile(text: string, usual: FileContent = 'build'): Result<Opened, FileProblem> {
  const parsed = parseJson(text, text.slice(0, 200).includes('"backup"') ? mostOfBackup : undefined);
  if (!parsed.ok) return parsed;
  const data = parsed.value;
  if (!isObject(data)) return failure({ where: 'the file', why: 'must hold one JSON object' });
  const { format, version, ...held } = data;
  if (format !== fileFormat)
    return failure({ where: 'format', why: `must be "${fileFormat}"; this is not a Dry Hull file` });
  const there = contents.filter((content) => content in held);
  const kind = there.find((content) => content !== usual) ?? usual;
  if (!isKnownVersion(version)) return failure(unknownVersion(version));
  const stray = Object.keys(held).find((name) => name !== kind);
  if (there.length > 1) return failure(otherKind(kind, usual));
  if (stray !== undefined) return failure({ where: stray, why: 'is not a field that Dry Hull knows' });
  const content = kind === 'backup' ? climbedBackup(held.backup, version) : climbed(held[kind], version);
  return success({ kind, content });
}

const unknownVersion = (version: unknown): FileProblem => ({
  where: 'version',
  why: `is ${JSON.stringify(version) ?? 'missing'}; this Dry Hull reads versions 1 to ${fileVersion}`,
});

/**
 * Reads a build that was kept outside a file: in a store, or among what can be undone.
 * @param version of the form in which it was kept; the first where nobody wrote it down, as every step leaves what is
 * newer than itself as it is
 */
export function readKept(data: unknown, version = 1): Result<Build, FileProblem> {
  if (!isKnownVersion(version)) return failure(unknownVersion(version));
  const content = climbed(data, version);
  return isObject(content) ? readBuild(content) : failure({ where: 'build', why: 'is missing' });
}

/** Checks plain data as a build: shape first, then references. */
export function readBuild(data: Record<string, unknown>): Result<Build, FileProblem> {
  const problem = buildProblem(data);
  return problem ? failure(problem) : success(data as unknown as Build);
}
