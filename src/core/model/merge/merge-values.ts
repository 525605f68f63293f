import { settingName } from '../../base/words/setting-names';
import { canonicalText } from '../../base/canonical';
import { shown, type Clash } from './clash';

type Item = Record<string, unknown>;

/** Whether two values say the same. Builds share what did not change, so that most are the very same. */
export const isSame = (a: unknown, b: unknown): boolean =>
  a === b || (a !== undefined && b !== undefined && canonicalText(a) === canonicalText(b));

const isNames = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((entry) => typeof entry === 'string');

/** One field of three: changed on one side it is that side's, changed on both to the same it is that, else it clashes and mine stays. */
function mergeField(base: unknown, mine: unknown, theirs: unknown, what: string, clashes: Clash[]): unknown {
  if (isSame(mine, base)) return theirs;
  if (isSame(theirs, base) || isSame(mine, theirs)) return mine;
  if (isNames(base) && isNames(mine) && isNames(theirs)) return mergeNames(base, mine, theirs);
  clashes.push({ what, kept: shown(mine), other: shown(theirs) });
  return mine;
}

/** Lists of names grow and shrink by what each side added and took out. */
const mergeNames = (
  base: readonly string[],
  mine: readonly string[],
  theirs: readonly string[],
): string[] => [
  ...mine.filter((text) => theirs.includes(text) || !base.includes(text)),
  ...theirs.filter((text) => !mine.includes(text) && !base.includes(text)),
];

/** Three versions of one flat thing, field by field; what lies deeper belongs together. */
export function mergeFields<T extends object>(
  base: Partial<T>,
  mine: T,
  theirs: T,
  what: string,
  clashes: Clash[],
): T {
  const [b, m, t] = [base, mine, theirs] as unknown as [Item, Item, Item];
  const keys = [...new Set([...Object.keys(m), ...Object.keys(t)])];
  const fields = keys.flatMap((key) => {
    const value = mergeField(b[key], m[key], t[key], `${what}, ${settingName(key)}`, clashes);
    return value === undefined ? [] : [[key, value] as const];
  });
  return Object.fromEntries(fields) as T;
}

/** Three versions of a list of things with names of their own; what one side took out and the other changed stays. */
export function mergeList<T extends object>(
  lists: { base: readonly T[]; mine: readonly T[]; theirs: readonly T[] },
  keyOf: (item: T) => string,
  wordOf: (item: T) => string,
  clashes: Clash[],
): T[] {
  const maps = [lists.base, lists.mine, lists.theirs].map(
    (list) => new Map(list.map((item) => [keyOf(item), item])),
  ) as [Map<string, T>, Map<string, T>, Map<string, T>];
  const keys = new Set([...maps[1].keys(), ...maps[2].keys()]);
  return [...keys].flatMap((key): T[] => {
    const [base, mine, theirs] = maps.map((each) => each.get(key));
    const merged = mergeItem(base, mine, theirs, wordOf, clashes);
    return merged ? [merged] : [];
  });
}

function mergeItem<T extends object>(
  base: T | undefined,
  mine: T | undefined,
  theirs: T | undefined,
  wordOf: (item: T) => string,
  clashes: Clash[],
): T | undefined {
  if (isSame(mine, base)) return theirs;
  if (isSame(theirs, base) || isSame(mine, theirs)) return mine;
  if (mine && theirs) return mergeFields(base ?? {}, mine, theirs, wordOf(mine), clashes);
  const changed = mine ?? theirs!;
  clashes.push({
    what: wordOf(changed),
    kept: 'it, as it was changed in one window',
    other: 'taken it out',
  });
  return changed;
}
