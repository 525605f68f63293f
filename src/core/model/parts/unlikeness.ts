import { isFigure } from '../../base/validation/figure';

/** What a figure that only one of two sheets states counts for, as if it differed by half. */
const notBoth = Math.log(1.5);

/**
 * How far two sheets of one kind are apart: the mean of how many times their figures differ (logarithm of the ratio), over
 * those that the first one states. 0 where they are alike.
 */
export function unlikeness(sheet: object, other: object): number {
  const theirs = new Map<string, unknown>(Object.entries(other));
  const apart = Object.entries(sheet).flatMap(([name, figure]): number[] => {
    if (!isFigure(figure) || figure.value <= 0) return [];
    const same = theirs.get(name);
    return [isFigure(same) && same.value > 0 ? Math.abs(Math.log(same.value / figure.value)) : notBoth];
  });
  return apart.length === 0 ? 0 : apart.reduce((sum, each) => sum + each, 0) / apart.length;
}
