import { isFigure } from '../../base/validation/figure';

/** What a figure that only one of two sheets states counts for, as if it differed by half. */
const notBoth = Math.log(1.5);

/** What a part of another sort counts for: `micro servo` for `standard servo`, two cells for three. */
const otherSort = 0.5;

/** What is said of a part besides, and tells it from no other. */
const names: ReadonlySet<string> = new Set(['id', 'name', 'maker', 'note']);

/** What a name says before its figures, in words: `brushed motor` of `brushed motor, 21 turns`. */
const sortWords = (sheet: object): string[] =>
  'name' in sheet && typeof sheet.name === 'string'
    ? sheet.name.split(',', 1)[0]!.toLowerCase().split(' ')
    : [];

/**
 * How far two sheets of one kind are apart: the mean of how many times their figures differ (logarithm of the ratio), over
 * those that the first one states; and more for each plain fact, cells or chemistry, in which they differ, and where it is
 * called something else. 0 where they are alike.
 */
export function unlikeness(sheet: object, other: object): number {
  const theirs = new Map<string, unknown>(Object.entries(other));
  const apart = Object.entries(sheet).flatMap(([name, figure]): number[] => {
    if (!isFigure(figure) || figure.value <= 0) return [];
    const same = theirs.get(name);
    return [isFigure(same) && same.value > 0 ? Math.abs(Math.log(same.value / figure.value)) : notBoth];
  });
  const facts = Object.entries(sheet).filter(
    ([name, fact]) =>
      !names.has(name) && (typeof fact === 'number' || typeof fact === 'string') && theirs.get(name) !== fact,
  );
  const words = sortWords(sheet);
  const shared = new Set(sortWords(other));
  const isOther = words.filter((word) => !shared.has(word)).length / Math.max(words.length, 1);
  return (
    otherSort * (isOther + facts.length) +
    apart.reduce((sum, each) => sum + each, 0) / Math.max(apart.length, 1)
  );
}
