import type { Reading } from '../../reading/build-reading/reading';
import type { PackSpec } from '../../model/kinds/pack/pack';
import type { Patch } from '../../model/plan/patch';
import type { Source } from '../../reading/survey/power';
import { offerSwaps } from './swap-part';

/** Packs from the locker to put in a source's place. */
export const offerPackSwaps = (
  context: Reading,
  { fitted }: Source,
  suits: (pack: PackSpec) => boolean,
): Patch[] => (fitted.kind === 'pack' ? offerSwaps(context, fitted, suits, 6) : []);
