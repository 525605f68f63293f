import { unitRatio } from '../../base/quantity/read-quantity';
import { benchUnits } from '../../base/quantity/unit-choice';
import type { PartSpec } from '../../model/kinds/part-spec';
import { servoFigureAt } from '../../model/kinds/servo/servo-sheet';
import { terminalsOf } from '../../model/kinds';
import { packVoltsAt } from '../../model/packs/pack-volts';
import { lastingAmps } from '../../model/kinds/regulated/regulator-amps';

/** The picture that fits a kind of part: a curve with its axes. */
export interface SheetCurve {
  title: string;
  xLabel: string;
  yLabel: string;
  points: { x: number; y: number }[];
}

const steps = 40;

/** Torque against volts, volts against charge, or amps against input volts; `undefined` for kinds without one. */
export function sheetCurve(part: PartSpec, units = benchUnits): SheetCurve | undefined {
  if (part.kind === 'pack')
    return {
      title: 'Rest volts as the pack runs down',
      xLabel: 'charge, %',
      yLabel: 'V',
      points: span(0, 100, (x) => packVoltsAt(part, x / 100)),
    };
  if (part.kind === 'servo' && part.sheet.some((point) => point.stallNewtonMetres)) {
    const least = part.minVolts?.value ?? part.sheet[0]!.volts.value;
    const most = part.maxVolts?.value ?? part.sheet.at(-1)!.volts.value;
    return {
      title: 'Stall torque against rail volts',
      xLabel: 'V',
      yLabel: units.torque,
      points: span(
        least,
        most,
        (x) => (servoFigureAt(part, 'stallNewtonMetres', x)?.value ?? 0) * unitRatio('N·m', units.torque),
      ),
    };
  }
  const regulator = terminalsOf(part).gives?.regulator;
  if (regulator?.type === 'linear') {
    const output = Math.min(...regulator.voltsChoices);
    return {
      title: `Amps it can give at ${output} V, by its heat`,
      xLabel: 'input, V',
      yLabel: 'A',
      points: span(output + 1, 14, (x) => lastingAmps(regulator, x, output).value),
    };
  }
  return undefined;
}

function span(from: number, to: number, y: (x: number) => number): { x: number; y: number }[] {
  return Array.from({ length: steps + 1 }, (_, n) => {
    const x = from + ((to - from) * n) / steps;
    return { x, y: y(x) };
  });
}
