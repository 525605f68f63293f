import { bodyOf } from './bodies';
import { kilogramsOfPart } from './kilograms';
import type { PartSpec } from './part-spec';
import type { Provenance } from '../../base/validation/figure';

/** Outer sizes of a part as its sheet has them, in metres. */
export interface PartSize {
  long: number;
  wide: number;
  high: number;
  /** `estimated` where its sheet lacks one of them. */
  provenance: Provenance;
}

/** What a part measures: by its sheet, or usual for its kind and mass. */
export function sizeOfPart(part: PartSpec): PartSize {
  const usual = bodyOf(part).sides(part, kilogramsOfPart(part));
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
