import type { Guess } from './estimates';
import { figureNames, rangeOf, valueWords, type FigureName } from './figure-names';

/** A figure that nobody printed, as it usually is, with a range that holds about 95 of 100. */
export interface PresumedFigure {
  name: FigureName;
  value: number;
  low: number;
  high: number;
  /** The end of the range that limits are passed at. */
  worse: 'low' | 'high';
  /** Why: the rule of thumb behind it. */
  why: string;
}

const rounded = (value: number): number => Number(value.toPrecision(3));

export const presumed = (
  name: FigureName,
  [value, low, high]: readonly [value: number, low: number, high: number],
  worse: PresumedFigure['worse'],
  why: string,
): PresumedFigure => ({ name, value: rounded(value), low: rounded(low), high: rounded(high), worse, why });

export const presumedBy = (
  name: FigureName,
  { value, least, most, note }: Guess,
  worse: PresumedFigure['worse'],
): PresumedFigure => presumed(name, [value, value * least, value * most], worse, note);

/** `stall current ≈ 3.1 A (2.0–5.0)`: a figure that nobody printed, with its range. */
export function presumedWords({
  name,
  value,
  low,
  high,
}: {
  name: FigureName;
  value: number;
  low: number;
  high: number;
}): string {
  return `${figureNames[name]} ≈ ${valueWords(name, value)} (${rangeOf(name, low, high).split(' ')[0]})`;
}
