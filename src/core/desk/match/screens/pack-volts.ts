import { settlesQuickly } from '../../../model/packs/chemistry';
import { packVolts } from '../../../model/packs/pack-volts';
import type { PackSpec } from '../../../model/parts/pack';
import type { Candidate } from '../role';
import { marginBelow, smallest } from './pairs';

/** What tells packs apart by their volts. */
export const cellsOf = (candidate: Candidate | undefined): string =>
  candidate?.part.kind === 'pack' ? `${candidate.part.chemistry}${candidate.part.cells}` : '';

/** Least volts of a part, and most, against a pack; a chemistry that settles in the first minute counts as settled. */
export function packOnInput(
  pack: PackSpec,
  least: number | undefined,
  most: number | undefined,
): number | undefined {
  const high = packVolts(pack, settlesQuickly(pack.chemistry) ? 'nominal' : 'full');
  return smallest(
    most === undefined ? undefined : marginBelow(high, most),
    least === undefined || packVolts(pack, 'cutoff') >= least ? undefined : -1,
  );
}

/** Whether a part hangs on a receiver's row of pins by a lead of its own. */
export const listens = (part: Candidate['part']): boolean =>
  part.ports.some((port) => port.use === 'servo' && port.flow === 'in');
