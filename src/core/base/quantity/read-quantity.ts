import { kilogramCentimetre, ounceInch } from './constants';
import { gaugeArea } from '../conductors/wire';
import { failure, success, type Result } from '../result';

/** What a figure is a measure of, as far as its units can stand for each other. */
const measures = {
  V: { V: 1, volt: 1, volts: 1, mV: 1e-3, kV: 1e3 },
  A: { A: 1, amp: 1, amps: 1, mA: 1e-3 },
  Ah: { Ah: 1, mAh: 1e-3 },
  Ω: { Ω: 1, ohm: 1, ohms: 1, mΩ: 1e-3, mohm: 1e-3, mohms: 1e-3, kΩ: 1e3 },
  W: { W: 1, watt: 1, watts: 1, mW: 1e-3 },
  'N·m': {
    'N·m': 1,
    Nm: 1,
    'N·cm': 0.01,
    Ncm: 0.01,
    'mN·m': 1e-3,
    mNm: 1e-3,
    // Kilogram-force, ounce-force and inch by their definitions.
    'kg·cm': kilogramCentimetre,
    kgcm: kilogramCentimetre,
    'kgf·cm': kilogramCentimetre,
    kgfcm: kilogramCentimetre,
    'g·cm': kilogramCentimetre / 1000,
    gcm: kilogramCentimetre / 1000,
    'oz-in': ounceInch,
    'oz·in': ounceInch,
    ozin: ounceInch,
    'in-oz': ounceInch,
  },
  s: { s: 1, sec: 1, secs: 1, seconds: 1, ms: 1e-3, 's/60°': 1, 'sec/60°': 1, 's/60deg': 1, 'sec/60deg': 1 },
  µs: { µs: 1, us: 1, ms: 1000 },
  min: { min: 1, minutes: 1, h: 60 },
  kg: { kg: 1, g: 1e-3, gram: 1e-3, grams: 1e-3, oz: 0.028349523, lb: 0.45359237, lbs: 0.45359237 },
  m: { m: 1, cm: 0.01, mm: 1e-3, in: 0.0254, inch: 0.0254, inches: 0.0254, '"': 0.0254, ft: 0.3048 },
  'm²': { 'm²': 1, 'cm²': 1e-4, 'mm²': 1e-6, sqmm: 1e-6, 'dm²': 0.01, 'in²': 6.4516e-4 },
  F: { F: 1, mF: 1e-3, µF: 1e-6, uF: 1e-6 },
  'rev/min per V': { 'rev/min per V': 1, 'rev/min/V': 1, KV: 1, Kv: 1, kv: 1, 'rpm/V': 1 },
  'rev/min': { 'rev/min': 1, rpm: 1 },
  'm/s': { 'm/s': 1, 'km/h': 1 / 3.6, kmh: 1 / 3.6, kph: 1 / 3.6, mph: 0.44704 },
  turns: { turns: 1, turn: 1, T: 1, t: 1 },
  C: { C: 1, c: 1 },
  '°': { '°': 1, deg: 1, degrees: 1 },
  K: { K: 1, '°C': 1, C: 1 },
  share: { share: 1, '%': 0.01 },
} as const satisfies Record<string, Record<string, number>>;

type Measure = keyof typeof measures;

/** What is known of the field that a figure is read for. */
interface Asked {
  /** The unit that counts where none is typed, as the field prints it. */
  unit: string;
  /** SI value of one such unit. */
  scale: number;
  /** Volts of one cell where cells are typed instead (`2S`); such text is refused where it is not said. */
  cellVolts?: number;
}

/** A figure as it was typed. */
interface ReadQuantity {
  /** In the SI unit of the field. */
  value: number;
  /** The text, where it is in another unit than the field's own. */
  typed?: string;
}

/** The measure that a unit belongs to; `undefined` for one that is not known. */
const measureOf = (unit: string): Measure | undefined =>
  (Object.keys(measures) as Measure[]).find((measure) => Object.hasOwn(measures[measure], unit));

/**
 * How many of one unit another one of the same measure is: `unitRatio('in', 'mm')` is 25.4.
 * @throws where they measure different things
 */
export function unitRatio(unit: string, other: string): number {
  const measure = measureOf(unit);
  if (measure === undefined || measureOf(other) !== measure)
    throw new Error(`no ratio of ${unit} to ${other}`);
  return scaleOf(measure, unit) / scaleOf(measure, other);
}

const numberThenUnit = /^([+−-]?\d[\d\s'’]*(?:[.,]\d+)?|[+−-]?[.,]\d+)\s*(.*)$/;

/**
 * Reads a figure as sheets print it, in any unit of the field's measure: `278 oz-in`, `0,12 s/60°`, `21T`, `2S`.
 * @returns what cannot be read with its reason; an empty text is not a figure either
 */
export function readQuantity(text: string, asked: Asked): Result<ReadQuantity, string> {
  const typed = text.trim();
  const awg = /^(?:awg\s*(\d{1,2})|(\d{1,2})\s*awg)$/i.exec(typed);
  if (awg) {
    return measureOf(asked.unit) === 'm²'
      ? success({
          value:
            (gaugeArea(Number(awg[1] ?? awg[2])) * scaleOf('m²', 'mm²') * asked.scale) /
            scaleOf('m²', asked.unit),
          typed,
        })
      : failure(`a gauge of wire, and this is in ${asked.unit}`);
  }
  const match = numberThenUnit.exec(typed);
  if (!match) return failure(typed === '' ? 'nothing typed' : 'no figure at its start');
  const number = numberOf(match[1]!);
  if (!number.ok) return number;
  const unit = tidy(match[2]!);
  if (unit === '' || unit === asked.unit) return success({ value: number.value * asked.scale });
  if (/^[sS](?![a-z])/.test(unit) && measureOf(asked.unit) === 'V')
    return cells(number.value, unit, asked, typed);
  const measure = measureOf(asked.unit);
  if (measure === undefined || measureOf(unit) === undefined)
    return failure(/^[-–]/.test(unit) ? 'one figure, not a range' : `“${unit}” is no unit of ${asked.unit}`);
  if (!Object.hasOwn(measures[measure], unit)) return failure(`in ${unit}, and this is in ${asked.unit}`);
  // By way of the field's own unit, whose scale says what its SI unit is.
  const inOwn = (number.value * scaleOf(measure, unit)) / scaleOf(measure, asked.unit);
  return success({ value: inOwn * asked.scale, typed });
}

const scaleOf = (measure: Measure, unit: string): number =>
  (measures[measure] as Record<string, number>)[unit]!;

function cells(
  count: number,
  unit: string,
  { cellVolts }: Asked,
  typed: string,
): Result<ReadQuantity, string> {
  if (unit.length > 1) return failure(`“${unit}”: one figure in V, or cells as 2S`);
  if (cellVolts === undefined) return failure('cells, and this wants volts');
  return Number.isInteger(count) && count > 0
    ? success({ value: count * cellVolts, typed })
    : failure('cells are counted in whole ones');
}

/** One way of writing each unit: dots between factors, no space, one kind of micro sign. */
const tidy = (unit: string): string =>
  unit
    .trim()
    .replace(/\.$/, '')
    .replace(/kilograms?|kgs/i, 'kg')
    .replace(/([a-zA-Z])\s*[.*x×⋅•]\s*(?=[a-zA-Z])/g, '$1·')
    .replace(/^(kgf?|g|N|mN)\s*[- ]\s*(cm|m)$/, '$1·$2')
    .replace(/^oz\.?\s*[-/ ·]?\s*in\.?$/i, 'oz-in')
    .replace(/μ/g, 'µ')
    .replace(/\u2126/g, 'Ω')
    .replace(/\s*\/\s*/g, '/')
    .replace(/(\/60)\s*(?:deg|degrees|°)$/, '$1°')
    .replace(/^mm2$|^mm\^2$/, 'mm²')
    .replace(/^cm2$|^cm\^2$/, 'cm²')
    .replace(/^MAH$|^mah$/, 'mAh')
    .replace(/^v$/, 'V')
    .replace(/^a$/, 'A')
    .replace(/^w$/, 'W')
    .replace(/^RPM$/, 'rpm');

function numberOf(text: string): Result<number, string> {
  const bare = text.replace(/[\s'’]/g, '').replace('−', '-');
  if (/^\d{1,3},\d{3}$/.test(bare) && !bare.startsWith('0,'))
    return failure(
      `${bare} can be read two ways: write ${bare.replace(',', '')} or ${bare.replace(',', '.')}`,
    );
  return success(Number(bare.replace(',', '.')));
}
