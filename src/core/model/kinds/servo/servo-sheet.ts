import { weakestProvenance, type Figure } from '../../../base/validation/figure';
import type { ServoPoint, ServoSpec } from './servo';

type SheetFigure = 'stallNewtonMetres' | 'stallAmps' | 'runningAmps' | 'sixtyDegreeSeconds';

/**
 * A figure of a servo's sheet at given volts: interpolated between its stated voltages, and outside them
 * scaled with the volts and marked as extrapolated. `undefined` where the sheet says nothing.
 * @param volts at the servo's own contacts
 */
export function servoFigureAt(servo: ServoSpec, key: SheetFigure, volts: number): Figure | undefined {
  const points = servo.sheet
    .map((point) => sheetPoint(point, key))
    .filter((point) => point !== undefined)
    .sort((a, b) => a.volts - b.volts);
  const lowest = points[0];
  const highest = points.at(-1);
  if (!lowest || !highest) return undefined;
  // Seconds go against the volts, all else with them.
  const ratio = ({ volts: of }: SheetPoint) => (key === 'sixtyDegreeSeconds' ? of / volts : volts / of);
  if (volts < lowest.volts) return extrapolated(lowest, ratio(lowest));
  if (volts > highest.volts) return extrapolated(highest, ratio(highest));
  const upper = points.find((point) => point.volts >= volts) ?? highest;
  const lower = points.findLast((point) => point.volts <= volts) ?? lowest;
  if (upper === lower) return upper.figure;
  const share = (volts - lower.volts) / (upper.volts - lower.volts);
  return {
    value: lower.figure.value + share * (upper.figure.value - lower.figure.value),
    provenance: weakestProvenance([lower.figure.provenance, upper.figure.provenance]),
    note: `between ${lower.volts} V and ${upper.volts} V of the sheet`,
  };
}

interface SheetPoint {
  volts: number;
  figure: Figure;
}

function sheetPoint(point: ServoPoint, key: SheetFigure): SheetPoint | undefined {
  const figure = point[key];
  return figure && { volts: point.volts.value, figure };
}

function extrapolated(point: SheetPoint, ratio: number): Figure {
  return {
    value: point.figure.value * ratio,
    provenance: 'estimated',
    note: `extrapolated from ${point.volts} V of the sheet, by the volts`,
  };
}
