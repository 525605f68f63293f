import { formatQuantity } from '../../base/quantity/format';
import { kilogramCentimetre } from '../../base/quantity/constants';
import { unitOf, type FigureName, type LabelFigure } from './reading';

/** Figures by their usual names. */
const names: Record<FigureName, string> = {
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

/** A value with its unit, as the bench says it: torque in kg·cm, a mass in grams. */
function valueWords(name: FigureName, value: LabelFigure['value']): string {
  if (typeof value === 'string') return value;
  if (typeof value === 'object')
    return `${value.join(name === 'millimetres' ? ' × ' : ', ')} ${unitOf[name] ?? ''}`.trim();
  if (name === 'stallTorque') return formatQuantity(value / kilogramCentimetre, 'kg·cm');
  if (name === 'kilograms') return `${Number((1000 * value).toPrecision(3))} g`;
  const unit = unitOf[name];
  // Turns and cells are counted; their name says what.
  return `${Number(value.toPrecision(4))}${unit && unit !== 'turns' ? ` ${unit}` : ''}`;
}

/** `stall torque 20 kg·cm at 7.4 V`. */
export function figureWords({ name, value, atVolts, chemistry }: Omit<LabelFigure, 'from'>): string {
  const at = atVolts === undefined ? '' : ` at ${atVolts} V`;
  return `${names[name]} ${valueWords(name, value)}${at}${chemistry ? ` ${chemistry}` : ''}`;
}

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
  const least = name === 'stallTorque' ? Number((low / kilogramCentimetre).toPrecision(2)) : low;
  const most = name === 'stallTorque' ? Number((high / kilogramCentimetre).toPrecision(2)) : high;
  return `${names[name]} ≈ ${valueWords(name, value)} (${least}–${most})`;
}
