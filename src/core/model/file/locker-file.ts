import type { LockerItem } from '../kinds/locker-item';
import type { PartSpec } from '../kinds/part-spec';
import { canonicalText } from '../../base/canonical';
import { isPhoto, photoWords } from '../../base/validation/photo-field';
import { failure, success, type Result } from '../../base/result';
import { partProblem } from '../kinds/part-problem';
import type { FileProblem } from '../../base/validation/problem';
import { isObject } from '../../base/validation/is-object';
import { fileFormat, readEnvelope } from './read-file';
import { fileVersion } from './ladder';

/** Most parts that a locker file may hold. */
const mostItems = 12_000;

const states: readonly unknown[] = ['own', 'mightBuy', 'catalogue'];

/**
 * The text of a locker file: the person's own parts, and the starter's that they noted something about.
 * The same locker always gives the same bytes.
 */
export const writeLockerFile = (items: readonly LockerItem[]): string =>
  `${canonicalText({ format: fileFormat, version: fileVersion, locker: lockerContent(items) }, 2)}\n`;

/** What a locker file or a backup says of a locker. */
export function lockerContent(items: readonly LockerItem[]): object[] {
  return items
    .filter(
      (item) =>
        !item.isStarter || item.state !== 'catalogue' || item.price !== undefined || item.photo !== undefined,
    )
    .map(({ part, state, price, photo }) => ({
      part,
      state,
      ...(price !== undefined && { price }),
      ...(photo !== undefined && { photo }),
    }))
    .sort((a, b) => (a.part.id < b.part.id ? -1 : 1));
}

/**
 * Reads the text of a locker file. Nothing is taken from a file that is wrong anywhere.
 * @param starterIds parts that came with the application: for those only the notes are taken
 */
export function readLockerFile(
  text: string,
  starterIds: ReadonlySet<string>,
): Result<LockerItem[], FileProblem> {
  const content = readEnvelope(text, 'locker');
  return content.ok ? readLocker(content.value, starterIds) : content;
}

/** Checks plain data as what a locker file holds. */
export function readLocker(
  list: unknown,
  starterIds: ReadonlySet<string>,
): Result<LockerItem[], FileProblem> {
  if (!Array.isArray(list)) return failure({ where: 'locker', why: 'must be a list' });
  if (list.length > mostItems) return failure({ where: 'locker', why: `holds more than ${mostItems} parts` });
  const seen = new Set<string>();
  const items: LockerItem[] = [];
  for (const [n, entry] of list.entries()) {
    const read = readItem(entry, `locker[${n}]`, seen);
    if (!read.ok) return read;
    seen.add(read.value.part.id);
    items.push({ ...read.value, isStarter: starterIds.has(read.value.part.id) });
  }
  return success(items);
}

function readItem(
  entry: unknown,
  path: string,
  seen: ReadonlySet<string>,
): Result<Omit<LockerItem, 'isStarter'>, FileProblem> {
  if (!isObject(entry)) return failure({ where: path, why: 'must be an object' });
  const { part, state, price, photo, ...others } = entry;
  const [stray] = Object.keys(others);
  if (stray !== undefined)
    return failure({ where: `${path}.${stray}`, why: 'is not a field that Dry Hull knows' });
  if (!states.includes(state))
    return failure({ where: `${path}.state`, why: `must be one of ${states.join(', ')}` });
  if (price !== undefined && !(typeof price === 'number' && price >= 0 && price <= 1_000_000))
    return failure({ where: `${path}.price`, why: 'must lie between 0 and 1000000' });
  if (photo !== undefined && !isPhoto(photo))
    return failure({ where: `${path}.photo`, why: `must be ${photoWords}` });
  const problem = partProblem(part, `${path}.part`);
  if (problem) return failure(problem);
  // The plain data has just been checked field by field, so it is a sheet in shape.
  const sheet = part as PartSpec;
  if (seen.has(sheet.id)) return failure({ where: `${path}.part.id`, why: `"${sheet.id}" is there twice` });
  return success({
    part: sheet,
    state: state as LockerItem['state'],
    ...(price !== undefined && { price }),
    ...(photo !== undefined && { photo }),
  });
}
