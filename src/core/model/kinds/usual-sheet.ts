import { estimated, type Figure } from '../../base/validation/figure';
import { kindOfAny } from '.';
import type { FigureName } from './figure-names';
import { leastSoldVolts } from './least-sold';
import { partProblem } from './part-problem';
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

/** Figures that are limits themselves: a person who takes what is usual takes the cautious end of these. */
const limits: readonly FigureName[] = ['minVolts', 'maxVolts', 'maxInputVolts'];

/** A copy of a part whose sheet has what is usual where it was silent, marked as an estimate with its range. */
export const withUsualFigures = (part: PartSpec): PartSpec =>
  withFigures(part, (figure) => (limits.includes(figure.name) ? figure[figure.worse] : figure.value));

/** A copy of a part with each of its usual figures at some value. */
export const withFigures = (part: PartSpec, valueOf: (figure: PresumedFigure) => number): PartSpec =>
  presumedFigures(part).reduce((filled, figure) => {
    const next = withFigure(filled, figure, valueOf(figure));
    return partProblem(next, part.name) ? filled : next;
  }, part);

/** A copy of a part with one of its usual figures at some value. */
export function withFigure(
  part: PartSpec,
  { name, low, high, why }: Pick<PresumedFigure, 'name' | 'low' | 'high' | 'why'>,
  value: number,
): PartSpec {
  return written(part, name, estimated(value, `${low}–${high}: ${why}`.slice(0, 120)));
}

/** A copy of a part with a figure on its sheet; those of a servo stand in the row of its highest volts. */
export function written(part: PartSpec, name: FigureName, figure: Figure): PartSpec {
  const key = atVolts[name];
  if (part.kind !== 'servo' || !key) return { ...part, [name]: figure };
  const best = part.sheet.at(-1) ?? {
    volts: estimated(part.maxVolts?.value ?? leastSoldVolts(part), 'the least that servos are sold for'),
  };
  return { ...part, sheet: [...part.sheet.slice(0, -1), { ...best, [key]: figure }] };
}
