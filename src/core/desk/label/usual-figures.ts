import { estimated } from '../../base/validation/figure';
import { carrierId } from '../../model/fitting/component-id';
import { partProblem } from '../../model/kinds/part-problem';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { ServoPoint } from '../../model/kinds/servo/servo';
import type { Edit } from '../../model/plan/edits';
import type { BuildIndex } from '../../model/plan/build-index';
import { mostToGive } from '../../judgement/limits/volts';
import type { Unknown } from '../../judgement/findings/finding';
import { presumedFigures, type PresumedFigure } from './presumed';
import type { FigureName } from './reading';

/** Figures of a servo that its sheet holds by the volts. */
const atVolts: Partial<Record<FigureName, Exclude<keyof ServoPoint, 'volts'>>> = {
  stallTorque: 'stallNewtonMetres',
  speed: 'sixtyDegreeSeconds',
  stallAmps: 'stallAmps',
};

/** A copy of a part whose sheet has what is usual where it was silent, marked as an estimate with its range. */
export function withUsualFigures(part: PartSpec): PartSpec {
  return presumedFigures(part).reduce((filled, figure) => {
    const next = withFigure(filled, figure);
    return partProblem(next, part.name) ? filled : next;
  }, part);
}

function withFigure(part: PartSpec, { name, value, low, high, why }: PresumedFigure): PartSpec {
  const figure = estimated(value, `${low}–${high}: ${why}`.slice(0, 120));
  const key = atVolts[name];
  if (part.kind !== 'servo' || !key) return { ...part, [name]: figure };
  const best = part.sheet.at(-1) ?? {
    volts: estimated(mostToGive(part).volts, 'the least that servos are sold for'),
  };
  return { ...part, sheet: [...part.sheet.slice(0, -1), { ...best, [key]: figure }] };
}

/**
 * The edits that write usual figures on the sheets that verdicts wait for; sheets on a board stay, which are asked by the
 * board.
 */
export function usualEdits(index: BuildIndex, unknowns: readonly Unknown[]): Edit[] {
  const asked = new Map<string, PartSpec>();
  for (const { asked: where, subjects } of unknowns) {
    if ((where ?? 'sheet') !== 'sheet') continue;
    for (const { kind, id } of subjects)
      if (kind === 'fitting' && index.has(id) && carrierId(id) === id) {
        const { part } = index.get(id);
        asked.set(part.id, part);
      }
  }
  return [...asked.values()].flatMap((part): Edit[] => {
    const sheet = withUsualFigures(part);
    return sheet === part ? [] : [{ type: 'changeSheet', sheet }];
  });
}
