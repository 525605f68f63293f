import { gaugeAmps, siliconeCelsius } from '../../base/conductors/wire';
import type { Reading } from '../../reading/build-reading/reading';
import type { CableSpec } from '../../model/kinds/cable/cable';
import type { Patch } from '../../model/plan/patch';
import type { Fitted } from '../../model/kinds/fitted';
import { insertCable } from './insert-cable';
import { offerSwaps } from './swap-part';

const amps = (fuse: CableSpec): number => fuse.maxAmps?.value ?? 0;

/**
 * Puts a fuse from the locker into the first lead after a pack that its plugs fit: the smallest that carries
 * what is asked, and that blows before the wire of that lead fails.
 */
export function offerFuse(context: Reading, packId: string, asked: number): Patch[] {
  const { index, locker } = context;
  const fuses = locker
    .filter((part): part is CableSpec => part.kind === 'cable' && part.form === 'fuse')
    .filter((part) => amps(part) >= asked)
    .sort((a, b) => amps(a) - amps(b));
  const near = index.leadsOf(packId);
  const beyond = near.flatMap((lead) =>
    index.leadsOf(lead.from.fitting === packId ? lead.to.fitting : lead.from.fitting),
  );
  for (const lead of [...near, ...beyond]) {
    for (const fuse of fuses) {
      const stands = lead.awg === undefined ? Infinity : gaugeAmps(lead.awg, siliconeCelsius);
      const edits = amps(fuse) <= stands ? insertCable(context, lead, fuse, 'fuse') : undefined;
      if (edits) return [{ id: `fuse:${lead.id}:${fuse.id}`, label: `Put in: ${fuse.name}`, edits }];
    }
  }
  return [];
}

/** Swaps a fuse for the smallest of the locker that carries what is asked and blows before its wire fails. */
export function offerOtherFuse(
  context: Reading,
  fuse: Fitted<'cable'>,
  asked: number,
  stands: number,
): Patch[] {
  const fits = context.locker
    .filter((part): part is CableSpec => part.kind === 'cable' && part.form === 'fuse')
    .filter((part) => amps(part) >= asked && amps(part) <= stands)
    .sort((a, b) => amps(a) - amps(b));
  return offerSwaps({ ...context, locker: fits }, fuse, () => true, 2);
}
