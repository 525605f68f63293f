import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';

/** A fuse that all which a pack gives goes through. */
export interface MainFuse {
  fuse: Fitted<'cable'>;
  pack: Fitted<'pack'>;
}

/**
 * The main fuses of each pack, by its id: those without which nothing that takes power could be reached from it.
 * A fuse in one branch of a harness guards that branch, and is none of them.
 */
export function mainFuses(index: BuildIndex): Map<string, MainFuse[]> {
  const fuses = index.ofKind('cable').filter(({ part }) => part.form === 'fuse');
  const found = new Map<string, MainFuse[]>();
  for (const pack of index.ofKind('pack')) {
    const here = consumersFrom(index, pack.fitting.id, undefined);
    if (here === 0) continue;
    const main = fuses.filter(({ fitting }) => consumersFrom(index, pack.fitting.id, fitting.id) === 0);
    found.set(
      pack.fitting.id,
      main.map((fuse) => ({ fuse, pack })),
    );
  }
  return found;
}

/** How many parts other than cables and packs are reached from a fitting through cables, with one left out. */
function consumersFrom(index: BuildIndex, from: string, without: string | undefined): number {
  const seen = new Set([from, ...(without === undefined ? [] : [without])]);
  const queue = [from];
  let count = 0;
  for (let here = queue.shift(); here !== undefined; here = queue.shift()) {
    for (const lead of index.leadsOf(here)) {
      for (const { fitting } of [lead.from, lead.to]) {
        if (seen.has(fitting)) continue;
        seen.add(fitting);
        const { kind } = index.get(fitting);
        if (kind === 'cable') queue.push(fitting);
        else if (kind !== 'pack') count += 1;
      }
    }
  }
  return count;
}
