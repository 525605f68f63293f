import { formatQuantity, formatSigned, type Unit } from '../../base/quantity/format';
import { benchUnits } from '../../base/quantity/unit-choice';
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

const boundWords: Record<Bound, string> = { most: 'may be', least: 'needs', exactly: 'must be' };

export interface NumberWords {
  actual: string;
  bound: string;
  limit: string;
  /** How far beyond the limit, signed; `undefined` for counted things. */
  beyond: string | undefined;
}

/** The two numbers of a finding in words: `6.0 V` may be `5.2 V` `+0.8 V`. */
export function numberWords({ actual, limit, bound, unit }: Finding, units = benchUnits): NumberWords {
  return {
    actual: formatQuantity(actual, unit, units),
    bound: boundWords[bound],
    limit: formatQuantity(limit, unit, units),
    beyond: isMeasured(unit) ? formatSigned(actual - limit, unit, units) : undefined,
  };
}
