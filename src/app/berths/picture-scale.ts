import type { Inside } from '../../core/reading/berths/inside';
import { isHull } from '../../core/reading/berths/inside-sizes';

/** How metres of the model become pixels of its two views. */
export interface PictureScale {
  perMetre: number;
  x: (metres: number) => number;
  planY: (metres: number) => number;
  sideY: (metres: number) => number;
  planTop: number;
  planHeight: number;
  height: number;
}

const margin = 22;
const axis = 26;
const between = 26;
/** Pixels that both views together may be high. */
const mostHigh = 420;

/** The largest scale at which both views of a model go into a width. */
export function pictureScale(inside: Inside, width: number): PictureScale | undefined {
  if (width <= 0) return undefined;
  const { form, length, beam, apart, track, lid, depth, mast, clearance } = inside;
  const wide = (isHull(form) ? (form === 'twin hull' ? apart + beam : beam) : track + 0.04) * 1.04;
  const top = Math.max(lid, depth * 1.12, mast?.z ?? 0, isHull(form) ? 0 : lid + 0.03) + 0.006;
  const bottom = isHull(form) ? -0.008 : -clearance - 0.006;
  const perMetre = Math.min((width - 2 * margin) / length, mostHigh / (wide + top - bottom));
  const left = (width - length * perMetre) / 2;
  const planHeight = wide * perMetre;
  const sideTop = axis + planHeight + between;
  return {
    perMetre,
    x: (metres) => left + metres * perMetre,
    planY: (metres) => axis + planHeight / 2 - metres * perMetre,
    sideY: (metres) => sideTop + (top - metres) * perMetre,
    planTop: axis,
    planHeight,
    height: sideTop + (top - bottom) * perMetre + 6,
  };
}
