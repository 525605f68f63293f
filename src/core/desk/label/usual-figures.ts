import { carrierId } from '../../model/fitting/component-id';
import type { PartSpec } from '../../model/kinds/part-spec';
import { withUsualFigures } from '../../model/kinds/usual-sheet';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Edit } from '../../model/plan/edits';
import type { Unknown } from '../../judgement/findings/finding';

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
