import type { Reading } from '../../reading/build-reading/reading';
import type { PackSpec } from '../../model/kinds/pack/pack';
import type { Fitted } from '../../model/kinds/fitted';
import type { Patch } from '../../model/plan/patch';
import { offerSwaps } from './swap-part';

/** Packs from the locker to put in the place of the one pack that feeds; nothing where several do, or none. */
export function offerPackSwaps(
  context: Reading,
  packs: readonly Fitted[],
  suits: (pack: PackSpec) => boolean,
): Patch[] {
  const [pack, ...others] = packs;
  return pack?.kind === 'pack' && others.length === 0 ? offerSwaps(context, pack, suits, 6) : [];
}
