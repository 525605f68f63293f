import { formatQuantity, type Unit } from '../../base/quantity/format';
import { benchUnits } from '../../base/quantity/unit-choice';
import { capital } from '../../base/words/sentences';
import type { Bound, Finding } from './finding';

/** Units on a scale, where the distance to the limit says something. */
const measuredUnits: readonly Unit[] = [
  'V',
  'A',
  'Ah',
  'W',
  'N·m',
  'kg·cm',
  'min',
  'mm',
  '°',
  '%',
  '°C',
  's',
  'rev/min',
];

export const isMeasured = (unit: Unit): boolean => measuredUnits.includes(unit);

/** What is said of two numbers on a scale where the message has no words of its own. */
const usualWords: Record<Bound, string> = {
  most: '{{actual}}, at most {{limit}}',
  least: '{{actual}}, needs {{limit}}',
  exactly: '{{actual}}, not {{limit}}',
};

/** How far beyond its limit a number lies: `3.8 A over`. */
const beyondWords: Record<Bound, string> = { most: 'over', least: 'short', exactly: 'off' };

export interface HeadWords {
  /** The matter, or the two numbers: `Plug reversed`, `5.8 A needed, 2.0 A supplied`. */
  head: string;
  /** How far beyond the limit; `undefined` for what is counted, and for what keeps it. */
  beyond: string | undefined;
}

/** The head of a finding in few words. A limit of nothing is left out: what is there is all too much. */
export function headWords(
  { actual, limit, bound, unit, margin, words }: Finding,
  units = benchUnits,
): HeadWords {
  const isPlain = words === undefined && limit === 0 && isMeasured(unit);
  const filled = filledIn(
    isPlain ? '{{actual}}' : (words ?? usualWords[bound]),
    { actual, limit, unit },
    units,
  );
  const tells = isMeasured(unit) && (words ?? '{{limit}}').includes('{{limit}}') && margin < 0;
  const gap = isPlain ? '' : `${formatQuantity(Math.abs(actual - limit), unit, units)} `;
  return { head: capital(filled), beyond: tells ? `${gap}${beyondWords[bound]}` : undefined };
}

/** A message's few words with their numbers; a limit that is counted stands without its unit, which was said. */
export const filledIn = (
  template: string,
  { actual, limit, unit }: Pick<Finding, 'actual' | 'limit' | 'unit'>,
  units = benchUnits,
): string =>
  template
    .replace('{{actual}}', formatQuantity(actual, unit, units))
    .replace('{{limit}}', isMeasured(unit) ? formatQuantity(limit, unit, units) : String(limit));
