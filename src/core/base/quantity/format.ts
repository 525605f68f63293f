import { benchUnits, inChosenUnit } from './unit-choice';

/** Units of the bench, as they are written after a number. */
export type Unit =
  | 'V'
  | 'oz-in'
  | 'in'
  | 'g'
  | 'oz'
  | 'N·m'
  | 'kg·cm'
  | 'A'
  | 'Ah'
  | 'W'
  | 'min'
  | 's'
  | '°C'
  | 'mm'
  | '°'
  | 'openings'
  | 'straps'
  | 'teeth'
  | '%'
  | 'C'
  | 'cells'
  | 'sources'
  | 'grounds'
  | 'phases'
  | 'poles'
  | 'plugs'
  | 'links'
  | 'lugs'
  | 'channels'
  | 'ports'
  | 'port'
  | 'contact'
  | 'channel'
  | 'positions'
  | 'springs'
  | 'turns'
  | 'functions'
  | 'wires'
  | 'servos'
  | 'modes'
  | 'mixes'
  | 'settings'
  | 'µs'
  | 'fuses'
  | 'grades'
  | 'Ω'
  | 'mm²'
  | 'cm²'
  | 'm²'
  | 'm/s'
  | 'N'
  | '×'
  | 'rev/min'
  | 'AWG'
  | 'cutoffs'
  | 'chemistries';

const decimals: Partial<Record<Unit, number>> = {
  V: 1,
  'N·m': 2,
  'kg·cm': 1,
  'oz-in': 0,
  in: 2,
  g: 0,
  oz: 1,
  Ω: 3,
  'mm²': 2,
  'cm²': 1,
  'm²': 2,
  'm/s': 1,
  N: 1,
  '×': 2,
  'rev/min': 0,
  A: 1,
  Ah: 1,
  W: 1,
  mm: 1,
  '°': 1,
  '%': 0,
  min: 0,
  s: 1,
  '°C': 0,
};

const singulars: Partial<Record<Unit, string>> = {
  cells: 'cell',
  sources: 'source',
  grounds: 'ground',
  phases: 'phase',
  poles: 'pole',
  plugs: 'plug',
  links: 'link',
  lugs: 'lug',
  channels: 'channel',
  ports: 'port',
  positions: 'position',
  springs: 'spring',
  turns: 'turn',
  functions: 'function',
  wires: 'wire',
  servos: 'servo',
  modes: 'mode',
  mixes: 'mix',
  settings: 'setting',
  openings: 'opening',
  straps: 'strap',
  teeth: 'tooth',
  fuses: 'fuse',
  grades: 'grade',
  cutoffs: 'cut-off',
  chemistries: 'chemistry',
};

const plurals: Partial<Record<Unit, string>> = { cutoffs: 'cut-offs' };

/**
 * A quantity as the bench writes it: `6.0 V`, `2 sources`, `port 3`.
 * Two decimals where one would hide the figure (0.24 A, 2.54 mm), one otherwise.
 * @param units what it is written in, where that is a matter of choice
 */
export function formatQuantity(inUnit: number, asUnit: Unit, units = benchUnits): string {
  const { value, unit } = inChosenUnit(inUnit, asUnit, units);
  if (unit === 'port' || unit === 'contact' || unit === 'channel') return `${unit} ${value}`;
  const usual = decimals[unit as Unit] ?? 0;
  const rounded = value.toFixed(usual);
  const hidden =
    usual > 0 && (unit === 'mm' || Math.abs(value) < 1) && Math.abs(value - Number(rounded)) >= 0.015;
  const text = hidden ? value.toFixed(usual + 1) : rounded;
  if (unit === 'AWG') return `AWG ${value}`;
  const word = Math.abs(value) === 1 ? (singulars[unit as Unit] ?? unit) : (plurals[unit as Unit] ?? unit);
  return `${text.replace('-', '−')}${unit === '°' ? '' : ' '}${word}`;
}

/** A length of a model as a rule reads it, from metres: `320 mm`, `12.6 in`. */
export function formatLength(metres: number, units = benchUnits): string {
  const { value, unit } = inChosenUnit(metres * 1000, 'mm', units);
  return `${value.toFixed(unit === 'mm' ? 0 : 1).replace('-', '−')} ${unit}`;
}
