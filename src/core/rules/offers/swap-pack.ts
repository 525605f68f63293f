import type { Patch } from '../../build/patch';
import { cellVolts } from '../../packs/chemistry';
import type { PackSpec } from '../../parts/pack';
import type { Source } from '../../power/power-picture';
import type { CheckContext } from '../rule';
import { offerSwaps } from './swap-part';

/** Volts of a pack at full charge. */
export const fullVolts = (pack: PackSpec): number => cellVolts(pack.chemistry).full * pack.cells;

/** Packs from the locker to put in a source's place. */
export function offerPackSwaps(
  context: CheckContext,
  source: Source,
  suits: (pack: PackSpec) => boolean,
): Patch[] {
  const fitted = context.index.ofKind('pack').find((one) => one.fitting.id === source.fitted.fitting.id);
  return fitted ? offerSwaps(context, fitted, suits) : [];
}
