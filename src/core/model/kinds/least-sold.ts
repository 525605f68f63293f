import type { PartSpec } from './part-spec';

/** Volts that nobody printed on a part, by the least that such a part is sold for. Engineering notes, section 10. */
const leastSold = { toy: 5, micro: 5, load: 5, other: 6 };

/** Kilograms up to which a servo is a micro servo. */
const microMass = 0.015;

/** The least volts that parts of its kind are sold for: what one may be given where its sheet is silent. */
export function leastSoldVolts(part: PartSpec): number {
  if (part.kind === 'load') return leastSold.load;
  if (part.kind !== 'servo') return leastSold.other;
  const isMicro = (part.kilograms?.value ?? Infinity) <= microMass;
  return leastSold[part.wires === 5 ? 'toy' : isMicro ? 'micro' : 'other'];
}
