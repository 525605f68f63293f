import { packKilograms, wattHours } from '../packs/pack-volts';
import type { PartKind, PartSpec } from './part-spec';

/** Kilograms of a part whose sheet is silent, by kind: rules of thumb. */
const usual: Record<PartKind, number> = {
  pack: 0.2,
  controller: 0.05,
  bec: 0.02,
  motor: 0.18,
  servo: 0.045,
  receiver: 0.012,
  transmitter: 0,
  load: 0.03,
  electronicSwitch: 0.012,
  cable: 0.01,
  board: 0.04,
};

/** What a part weighs, in kilograms: by its sheet, or usual for its kind. A transmitter stays ashore. */
export function kilogramsOfPart(part: PartSpec): number {
  if (part.kind === 'transmitter') return 0;
  if (part.kilograms) return part.kilograms.value;
  if (part.kind !== 'pack' || !part.ampHours) return usual[part.kind];
  return packKilograms(part.chemistry, wattHours(part, part.ampHours.value));
}
