import { bodyOf } from './bodies';
import type { PartSpec } from './part-spec';

/** What a part weighs, in kilograms: by its sheet, or usual for its kind. A transmitter stays ashore. */
export const kilogramsOfPart = (part: PartSpec): number =>
  part.kilograms && part.kind !== 'transmitter' ? part.kilograms.value : bodyOf(part).kilograms(part);
