import type { PartSpec } from './part-spec';

/** Volts that nobody printed on a part, by the least that such a part is sold for. Engineering notes, section 10. */
const leastSold = { toy: 5, load: 5, other: 6 };

/** The least volts that parts of its kind are sold for: what one may be given where its sheet is silent. */
export function leastSoldVolts(part: PartSpec): number {
  const isToy = part.kind === 'servo' && part.wires === 5;
  return leastSold[isToy ? 'toy' : part.kind === 'load' ? 'load' : 'other'];
}
