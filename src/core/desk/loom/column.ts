import { kindOfAny } from '../../model/kinds';
import type { Column } from '../../model/kinds/kind';
import { carrierId } from '../../model/fitting/component-id';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';

/** Where a part stands: a column, inside the leads, or outside the model. */
export const columnOf = ({ part }: Fitted): Column | 'inline' | 'outside' => kindOfAny(part).column;

/**
 * Leads away from the nearest pack, or receiver where there is no pack, for each fitting: which end of a lead
 * feeds the other.
 */
export function feedDepths(index: BuildIndex): Map<string, number> {
  const roots = index.ofKind('pack').length > 0 ? index.ofKind('pack') : index.ofKind('receiver');
  const depths = new Map(roots.map((root) => [carrierId(root.fitting.id), 0]));
  const queue = [...depths.keys()];
  for (let here = queue.shift(); here !== undefined; here = queue.shift()) {
    for (const lead of index.leadsOf(here)) {
      for (const { fitting } of [lead.from, lead.to]) {
        if (depths.has(fitting)) continue;
        depths.set(fitting, depths.get(here)! + 1);
        queue.push(fitting);
      }
    }
  }
  return depths;
}
