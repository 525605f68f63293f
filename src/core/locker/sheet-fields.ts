import type { Figure } from '../quantity/figure';
import type { PartSpec } from '../parts/part-spec';

/** One figure of a sheet as it is printed: its place in the part, its name, and the unit of the bench. */
export interface SheetField {
  path: string;
  label: string;
  unit: string;
  /** SI value of one bench unit: 0.001 Ah for a mAh, 0.0980665 N·m for a kg·cm. */
  scale: number;
}

/** Newton-metres of one kilogram-centimetre, from standard gravity. */
export const kilogramCentimetre = 0.0980665;

const volts = (path: string, label: string): SheetField => ({ path, label, unit: 'V', scale: 1 });
const amps = (path: string, label: string): SheetField => ({ path, label, unit: 'A', scale: 1 });

/** The figures that a sheet of this part has room for, in reading order. */
export function sheetFields(part: PartSpec): SheetField[] {
  switch (part.kind) {
    case 'pack':
      return [
        { path: 'ampHours', label: 'Capacity', unit: 'mAh', scale: 0.001 },
        { path: 'dischargeRate', label: 'Discharge rate', unit: 'C', scale: 1 },
        { path: 'cellOhms', label: 'Inside one cell', unit: 'mΩ', scale: 0.001 },
      ];
    case 'controller':
      return [
        volts('minInputVolts', 'Least input'),
        volts('maxInputVolts', 'Most input'),
        amps('continuousAmps', 'Continuous'),
        ...(part.regulator ? [amps('regulator.maxAmps', 'BEC gives')] : []),
        ...(part.regulator?.type === 'linear'
          ? [{ path: 'regulator.maxWatts', label: 'BEC sheds', unit: 'W', scale: 1 }]
          : []),
      ];
    case 'bec':
      return [
        volts('minInputVolts', 'Least input'),
        volts('maxInputVolts', 'Most input'),
        amps('regulator.maxAmps', 'Gives'),
        ...(part.regulator.type === 'linear'
          ? [{ path: 'regulator.maxWatts', label: 'Sheds', unit: 'W', scale: 1 }]
          : []),
      ];
    case 'motor':
      return [
        { path: 'kv', label: 'Speed', unit: 'rev/min per V', scale: 1 },
        ...(part.motorKind === 'brushed' ? [{ path: 'turns', label: 'Turns', unit: 'turns', scale: 1 }] : []),
        amps('fullLoadAmps', 'At full load'),
        amps('stallAmps', 'Stalled'),
        amps('noLoadAmps', 'With no load'),
        { path: 'windingOhms', label: 'Windings', unit: 'mΩ', scale: 0.001 },
        volts('maxVolts', 'Most volts'),
      ];
    case 'servo':
      return [
        volts('minVolts', 'Least volts'),
        volts('maxVolts', 'Most volts'),
        ...part.sheet.flatMap((_, n) => servoPoint(n, part.sheet[n]!.volts.value)),
      ];
    case 'receiver':
      return [volts('minVolts', 'Least volts'), volts('maxVolts', 'Most volts'), amps('amps', 'Draws')];
    case 'load':
      return [volts('minVolts', 'Least volts'), volts('maxVolts', 'Most volts'), amps('amps', 'Draws')];
    case 'electronicSwitch':
      return [
        volts('minVolts', 'Least on its lead'),
        volts('maxVolts', 'Most on its lead'),
        volts('maxFeedVolts', 'Switches up to'),
      ];
    case 'cable':
      return part.form === 'fuse' ? [amps('maxAmps', 'Blows at')] : [];
    case 'transmitter':
      return [];
  }
}

function servoPoint(n: number, at: number): SheetField[] {
  return [
    {
      path: `sheet.${n}.stallNewtonMetres`,
      label: `Torque at ${at} V`,
      unit: 'kg·cm',
      scale: kilogramCentimetre,
    },
    amps(`sheet.${n}.stallAmps`, `Stalled at ${at} V`),
    { path: `sheet.${n}.sixtyDegreeSeconds`, label: `Sixty degrees at ${at} V`, unit: 's', scale: 1 },
    amps(`sheet.${n}.runningAmps`, `Moving at ${at} V`),
  ];
}

/** The figure of a field; `undefined` where the sheet is silent. */
export function figureAt(part: PartSpec, { path }: SheetField): Figure | undefined {
  return path
    .split('.')
    .reduce<unknown>((node, key) => (node as Record<string, unknown> | undefined)?.[key], part) as
    Figure | undefined;
}

/** A copy of the part with one figure changed, or taken out where it is `undefined`. */
export function withFigure(part: PartSpec, { path }: SheetField, figure: Figure | undefined): PartSpec {
  const copy = structuredCloneOf(part);
  const keys = path.split('.');
  const last = keys.pop()!;
  const holder = keys.reduce(
    (node, key) => node[key] as Record<string, unknown>,
    copy as unknown as Record<string, unknown>,
  );
  if (figure === undefined) delete holder[last];
  else holder[last] = figure;
  return copy;
}

const structuredCloneOf = (part: PartSpec): PartSpec => JSON.parse(JSON.stringify(part)) as PartSpec;
