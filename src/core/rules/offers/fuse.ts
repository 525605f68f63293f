import type { Patch } from '../../build/patch';
import { gaugeAmps } from '../../conductors/wire';
import type { CableSpec } from '../../parts/cable';
import type { CheckContext } from '../rule';
import { insertCable } from './insert-cable';

/**
 * Puts a fuse from the locker into the first lead after a pack that its plugs fit: the smallest that carries
 * what is asked, and that blows before the wire of that lead burns.
 */
export function offerFuse(context: CheckContext, packId: string, asked: number): Patch[] {
  const { index, locker } = context;
  const fuses = locker
    .filter((part): part is CableSpec => part.kind === 'cable' && part.form === 'fuse')
    .filter((part) => (part.maxAmps?.value ?? 0) >= asked)
    .sort((a, b) => (a.maxAmps?.value ?? 0) - (b.maxAmps?.value ?? 0));
  const near = index.leadsOf(packId);
  const beyond = near.flatMap((lead) =>
    index.leadsOf(lead.from.fitting === packId ? lead.to.fitting : lead.from.fitting),
  );
  for (const lead of [...near, ...beyond]) {
    for (const fuse of fuses) {
      const carries = lead.awg === undefined ? Infinity : gaugeAmps(lead.awg);
      const edits =
        (fuse.maxAmps?.value ?? 0) <= carries ? insertCable(context, lead, fuse, 'fuse') : undefined;
      if (edits) return [{ id: `fuse:${lead.id}:${fuse.id}`, label: `Put in: ${fuse.name}`, edits }];
    }
  }
  return [];
}
