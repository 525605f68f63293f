import { isLithium, type Chemistry } from '../packs/chemistry';
import { wattHours } from '../packs/pack-volts';
import { kilogramsOfPart } from '../parts/kilograms';
import type { CableForm } from '../parts/cable';
import type { LoadForm } from '../parts/load';
import type { PackSpec } from '../parts/pack';
import type { PartSpec } from '../parts/part-spec';
import type { Provenance } from '../../base/validation/figure';

/** Outer sizes of a part as its sheet has them, in metres. */
export interface PartSize {
  long: number;
  wide: number;
  high: number;
  /** `estimated` where its sheet lacks one of them. */
  provenance: Provenance;
}

type Sides = readonly [long: number, wide: number, high: number];

/** What parts of each form measure, in millimetres: rules of thumb. */
const loads: Record<LoadForm, Sides> = {
  pump: [60, 30, 30],
  lamps: [30, 15, 8],
  horn: [30, 25, 12],
  videoSender: [40, 25, 10],
  camera: [30, 30, 25],
  smoke: [60, 40, 40],
  fan: [30, 30, 10],
  sound: [50, 35, 15],
  electronics: [40, 30, 10],
  capacitor: [30, 12, 12],
};
const cables: Partial<Record<CableForm, Sides>> = { switch: [30, 15, 12], harness: [40, 25, 12] };
const plainCable: Sides = [30, 12, 8];

/** Sides of a usual part in millimetres at a mass in kilograms; others are taken as alike in shape. */
const alike: Partial<Record<PartSpec['kind'], { sides: Sides; kilograms: number }>> = {
  controller: { sides: [45, 36, 20], kilograms: 0.05 },
  motor: { sides: [57, 36, 36], kilograms: 0.18 },
  servo: { sides: [41, 20, 38], kilograms: 0.045 },
  bec: { sides: [40, 18, 9], kilograms: 0.02 },
  electronicSwitch: { sides: [30, 18, 9], kilograms: 0.012 },
  board: { sides: [60, 40, 18], kilograms: 0.04 },
};

/** Watt-hours in a litre of pack: rules of thumb. */
const perLitre = (chemistry: Chemistry): number =>
  isLithium(chemistry) ? 300 : { NiMH: 180, 'dry cell': 140, 'lead-acid': 80 }[chemistry as 'NiMH'];

/** A brick for packs that drive, a flat box for dry cells. */
function packSides(part: PackSpec): Sides {
  const hours = wattHours(part, part.ampHours?.value ?? 2.2);
  const cubic = (hours / perLitre(part.chemistry)) * 1e6;
  const [along, across] = part.chemistry === 'dry cell' ? [2, 2] : [6, 2];
  const side = Math.cbrt(cubic / (along * across));
  return [along * side, across * side, side];
}

function usualSides(part: PartSpec): Sides {
  if (part.kind === 'pack') return packSides(part);
  if (part.kind === 'load') return loads[part.form];
  if (part.kind === 'cable') return cables[part.form] ?? plainCable;
  if (part.kind === 'receiver') return [28 + 2 * part.ports.length, 24, 13];
  const found = alike[part.kind];
  if (!found) return plainCable;
  const scale = Math.cbrt(kilogramsOfPart(part) / found.kilograms);
  return [found.sides[0] * scale, found.sides[1] * scale, found.sides[2] * scale];
}

/** What a part measures: by its sheet, or usual for its kind and mass. */
export function sizeOfPart(part: PartSpec): PartSize {
  const usual = usualSides(part);
  const side = (n: 0 | 1 | 2) => Math.round(usual[n]) / 1000;
  const { length, width, height } = part;
  const provenance =
    length && width && height
      ? [length, width, height].some((figure) => figure.provenance === 'estimated')
        ? 'estimated'
        : 'stated'
      : 'estimated';
  return {
    long: length?.value ?? side(0),
    wide: width?.value ?? side(1),
    high: height?.value ?? side(2),
    provenance,
  };
}
