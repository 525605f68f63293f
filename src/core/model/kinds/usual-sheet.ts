import { estimated, type Figure } from '../../base/validation/figure';
import { kindOfAny } from '.';
import type { FigureName } from './figure-names';
import { leastSoldVolts } from './least-sold';
import type { PartSpec } from './part-spec';
import type { PresumedFigure } from './presumed';
import type { ServoPoint } from './servo/servo';

/** Figures of a servo that its sheet holds by the volts. */
const atVolts: Partial<Record<FigureName, Exclude<keyof ServoPoint, 'volts'>>> = {
  stallTorque: 'stallNewtonMetres',
  speed: 'sixtyDegreeSeconds',
  stallAmps: 'stallAmps',
};

/** What is usual where a part's sheet is silent, each with its range. */
export const presumedFigures = (part: PartSpec): PresumedFigure[] => kindOfAny(part).usual?.(part) ?? [];

/** A copy of a part with its usual figures at some value; those of which none is given stay unknown. */
export function withFigures(
  part: PartSpec,
  valueOf: (figure: PresumedFigure) => number | undefined,
): PartSpec {
  return presumedFigures(part).reduce((filled, figure) => {
    const value = valueOf(figure);
    return value === undefined ? filled : written(filled, figure.name, estimated(value, rangeWords(figure)));
  }, part);
}

/** Why a usual figure is taken, with its range: `2.3–5.1: usual for its torque`. */
export const rangeWords = ({ low, high, why }: Pick<PresumedFigure, 'low' | 'high' | 'why'>): string =>
  `${low}–${high}: ${why}`.slice(0, 120);

/** A copy of a part with a figure on its sheet; those of a servo stand in the row of its highest volts. */
export function written(part: PartSpec, name: FigureName, figure: Figure): PartSpec {
  const key = atVolts[name];
  if (part.kind !== 'servo' || !key) return { ...part, [name]: figure };
  const best = part.sheet.at(-1) ?? {
    volts: estimated(part.maxVolts?.value ?? leastSoldVolts(part), 'the least that servos are sold for'),
  };
  return { ...part, sheet: [...part.sheet.slice(0, -1), { ...best, [key]: figure }] };
}
