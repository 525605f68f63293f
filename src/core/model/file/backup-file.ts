import { canonicalText } from '../../base/canonical';
import type { LockerItem } from '../kinds/locker-item';
import type { Build } from '../plan/build';
import { failure, success, type Result } from '../../base/result';
import { isObject } from '../../base/validation/is-object';
import { fileVersion } from './ladder';
import { lockerContent, readLocker } from './locker-file';
import { problemText, type FileProblem } from '../../base/validation/problem';
import { fileFormat, readBuild } from './read-file';

/** Most builds that a backup may hold. */
const mostBuilds = 2000;

/** A build as it stood when the backup was made. */
export interface BackedUpBuild {
  savedAt: string;
  build: Build;
}

/** Everything that a browser holds: builds with their outings and ticks, and the locker. */
export interface Backup {
  madeAt: string;
  builds: BackedUpBuild[];
  locker: LockerItem[];
}

/** A backup that was read, and the builds in it that could not be. */
export interface ReadBackup extends Backup {
  /** Whose build, and what is wrong with it. */
  unread: FileProblem[];
}

/** The text of a backup file. The same content always gives the same bytes. */
export function writeBackup({ madeAt, builds, locker }: Backup): string {
  const backup = { madeAt, builds, locker: lockerContent(locker) };
  return `${canonicalText({ format: fileFormat, version: fileVersion, backup }, 1)}\n`;
}

/**
 * Checks plain data as what a backup file holds. A build that is wrong is left out and told, so that it does not take
 * the others with it; a locker that is wrong is refused.
 * @param starterIds parts that came with the application: for those only the notes are taken
 */
export function readBackup(data: unknown, starterIds: ReadonlySet<string>): Result<ReadBackup, FileProblem> {
  if (!isObject(data)) return failure({ where: 'backup', why: 'must be an object' });
  const { madeAt, builds, locker, ...others } = data;
  const [stray] = Object.keys(others);
  if (stray !== undefined)
    return failure({ where: `backup.${stray}`, why: 'is not a field that Dry Hull knows' });
  if (!isDate(madeAt)) return failure({ where: 'backup.madeAt', why: 'must be a date' });
  if (!Array.isArray(builds)) return failure({ where: 'backup.builds', why: 'must be a list' });
  if (builds.length > mostBuilds)
    return failure({ where: 'backup.builds', why: `holds more than ${mostBuilds} builds` });
  const items = readLocker(locker, starterIds);
  if (!items.ok) return failure({ ...items.problem, where: `backup.${items.problem.where}` });
  const read: ReadBackup = { madeAt, builds: [], locker: items.value, unread: [] };
  for (const [n, entry] of builds.entries()) {
    const found = readEntry(entry);
    if (found.ok) read.builds.push(found.value);
    else read.unread.push({ where: nameOf(entry, n), why: problemText(found.problem) });
  }
  return success(read);
}

function readEntry(entry: unknown): Result<BackedUpBuild, FileProblem> {
  if (!isObject(entry)) return failure({ where: 'the entry', why: 'must be an object' });
  const { savedAt, build } = entry;
  if (!isDate(savedAt)) return failure({ where: 'savedAt', why: 'must be a date' });
  if (!isObject(build)) return failure({ where: 'build', why: 'must be an object' });
  const found = readBuild(build);
  return found.ok ? success({ savedAt, build: found.value }) : found;
}

const isDate = (text: unknown): text is string =>
  typeof text === 'string' && /^\d{4}-\d\d-\d\dT[\d:.]+Z$/.test(text) && !Number.isNaN(Date.parse(text));

function nameOf(entry: unknown, n: number): string {
  const name = isObject(entry) && isObject(entry.build) ? entry.build.name : undefined;
  return typeof name === 'string' ? name.slice(0, 80) : `build ${n + 1} of the backup`;
}
