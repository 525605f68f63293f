import { kilogramCentimetre } from '../../base/quantity/constants';
import { formatQuantity } from '../../base/quantity/format';

/** What a label can say of a part, and what can be usual of it; each has one unit, see `unitOf`. */
export type FigureName =
  | 'can'
  | 'turns'
  | 'kv'
  | 'motorKind'
  | 'minCells'
  | 'maxCells'
  | 'minVolts'
  | 'maxVolts'
  | 'fullLoadAmps'
  | 'noLoadAmps'
  | 'continuousAmps'
  | 'burstAmps'
  | 'minTurns'
  | 'becVolts'
  | 'becAmps'
  | 'minInputVolts'
  | 'maxInputVolts'
  | 'chemistry'
  | 'cells'
  | 'parallel'
  | 'ampHours'
  | 'dischargeRate'
  | 'burstRate'
  | 'stallTorque'
  | 'speed'
  | 'stallAmps'
  | 'teeth'
  | 'travelDegrees'
  | 'channels'
  | 'amps'
  | 'kilograms'
  | 'millimetres'
  | 'gauge';

/** Units of the figures; names and lists of names have none. */
export const unitOf: Partial<Record<FigureName, string>> = {
  turns: 'turns',
  kv: 'rpm/V',
  minVolts: 'V',
  maxVolts: 'V',
  fullLoadAmps: 'A',
  noLoadAmps: 'A',
  continuousAmps: 'A',
  burstAmps: 'A',
  minTurns: 'turns',
  becVolts: 'V',
  becAmps: 'A',
  minInputVolts: 'V',
  maxInputVolts: 'V',
  ampHours: 'Ah',
  dischargeRate: 'C',
  burstRate: 'C',
  stallTorque: 'N·m',
  speed: 's/60°',
  stallAmps: 'A',
  travelDegrees: '°',
  amps: 'A',
  kilograms: 'kg',
  millimetres: 'mm',
  gauge: 'AWG',
};

/** Figures by their usual names. */
export const figureNames: Record<FigureName, string> = {
  can: 'size',
  turns: 'turns',
  kv: 'KV',
  motorKind: 'kind',
  minCells: 'cells from',
  maxCells: 'cells up to',
  minVolts: 'min voltage',
  maxVolts: 'max voltage',
  fullLoadAmps: 'full-load current',
  noLoadAmps: 'no-load current',
  continuousAmps: 'continuous current',
  burstAmps: 'burst current',
  minTurns: 'turns limit',
  becVolts: 'BEC voltage',
  becAmps: 'BEC current',
  minInputVolts: 'min input voltage',
  maxInputVolts: 'max input voltage',
  chemistry: 'chemistry',
  cells: 'cells',
  parallel: 'in parallel',
  ampHours: 'capacity',
  dischargeRate: 'discharge rate',
  burstRate: 'burst discharge rate',
  stallTorque: 'stall torque',
  speed: 'speed',
  stallAmps: 'stall current',
  teeth: 'spline teeth',
  travelDegrees: 'travel',
  channels: 'channels',
  amps: 'current',
  kilograms: 'weight',
  millimetres: 'size',
  gauge: 'gauge',
};

/** `2.3–5.1 A`. */
export const rangeOf = (name: FigureName, low: number, high: number): string =>
  `${valueWords(name, low).split(' ')[0]}–${valueWords(name, high)}`;

/** A value with its unit, as the bench says it: torque in kg·cm, a mass in grams. */
export function valueWords(name: FigureName, value: number | string | readonly number[]): string {
  if (typeof value === 'string') return value;
  if (typeof value === 'object')
    return `${value.join(name === 'millimetres' ? ' × ' : ', ')} ${unitOf[name] ?? ''}`.trim();
  if (name === 'stallTorque') return formatQuantity(value / kilogramCentimetre, 'kg·cm');
  if (name === 'kilograms') return `${Number((1000 * value).toPrecision(3))} g`;
  if (name === 'ampHours') return `${Number((1000 * value).toPrecision(4))} mAh`;
  const unit = unitOf[name];
  // A tenth is the most that is read off a label or known of what is usual.
  if (unit === 'A') return `${Number(value < 1 ? value.toPrecision(2) : value.toFixed(1))} A`;
  // Turns and cells are counted; their name says what.
  return `${Number(value.toPrecision(4))}${unit && unit !== 'turns' ? ` ${unit}` : ''}`;
}
