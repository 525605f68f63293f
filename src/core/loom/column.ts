import type { BuildIndex, Fitted } from '../build/build-index';

/** The columns of the wiring picture, left to right, by what powers them. */
export const columns = ['pack', 'feed', 'drive', 'radio', 'served'] as const;
export type Column = (typeof columns)[number];

/** Where a part stands by its kind. Inline cables stand between the columns. */
export function columnOf({ part }: Fitted): Column | 'inline' | undefined {
  switch (part.kind) {
    case 'pack':
      return 'pack';
    case 'cable':
      return 'inline';
    case 'controller':
    case 'bec':
    case 'electronicSwitch':
      return 'drive';
    case 'receiver':
    case 'motor':
      return 'radio';
    case 'servo':
    case 'load':
      return 'served';
    case 'transmitter':
      return undefined;
  }
}

/**
 * Leads away from the nearest pack, or receiver where there is no pack, for each fitting: which end of a lead
 * feeds the other.
 */
export function feedDepths(index: BuildIndex): Map<string, number> {
  const roots = index.ofKind('pack').length > 0 ? index.ofKind('pack') : index.ofKind('receiver');
  const depths = new Map(roots.map((one) => [one.fitting.id, 0]));
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
