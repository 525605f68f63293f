import { waterDensity } from '../../base/quantity/constants';
import { radiansPerDegree } from '../../base/quantity/angle';
import type { Spot } from '../../model/fitting/spot';

/** A hull as its sums see it; metres, lengths from its aft end, heights from its keel. */
export interface HullForm {
  waterline: number;
  /** Of one hull where there are two. */
  beam: number;
  /** From keel to deck. */
  depth: number;
  /** Block coefficient: volume under water against length × beam × draught. */
  block: number;
  /** Area of the waterplane against length × beam. */
  waterplane: number;
  /** As measured, ready to run; it makes the block coefficient. */
  draught?: number | undefined;
  /** Where the middle of the water that it displaces lies along it. */
  buoyancyX: number;
  /** Where its ends are. */
  ends: readonly [aft: number, bow: number];
  /** From middle line to middle line, where there are two hulls. */
  apart?: number | undefined;
}

/** How a hull floats: metres and degrees. */
export interface Afloat {
  draught: number;
  /** Distance from the centre of mass up to the metacentre: below nought it will not stay upright. */
  gm: number;
  /** By the bow where positive. */
  trim: number;
  /** To port where positive; `undefined` where it does not stay upright. */
  heel: number | undefined;
  /** From the water to the deck at its lowest corner. */
  freeboard: number;
  /** The corner that is lowest. */
  low: 'bow' | 'stern';
  /** Where the centre of mass has to lie for it to float level. */
  levelX: number;
  /** Metres from the centre of mass to the metacentre along the hull: what a shift of the centre is divided by. */
  gmLong: number;
}

/**
 * How deep, level and stable a hull floats with a mass in it.
 * ∇ = m/ρ, T = ∇/(C_b·L·B); KB = T·(5/6 − C_b/(3·C_w)); BM = C_w²·L·B³/(12·∇), exact for boxes and wedges, ±5 %
 * otherwise; along, BM_L = C_w²·B·L³/(12·∇), up to a tenth high. Two hulls add C_w·L·b·s²/4 each (parallel axes). Heel
 * from y_G = tan φ·(GM + ½·BM·tan²φ), wall-sided, to the deck's edge.
 * @param kilograms all that floats @param at its centre of mass
 */
export function afloat(hull: HullForm, kilograms: number, at: Spot): Afloat {
  const { waterline: length, beam, depth, waterplane, apart, ends, buoyancyX } = hull;
  const volume = kilograms / waterDensity;
  const hulls = apart === undefined ? 1 : 2;
  const draught = hull.draught ?? volume / (hull.block * length * beam * hulls);
  const block = volume / (length * beam * draught * hulls);
  const kb = draught * (5 / 6 - block / (3 * waterplane));
  const across =
    apart === undefined
      ? (waterplane ** 2 * length * beam ** 3) / 12
      : 2 * ((waterplane ** 2 * length * beam ** 3) / 12 + (waterplane * length * beam * apart ** 2) / 4);
  const bm = across / volume;
  const bmLong = (hulls * (waterplane ** 2 * beam * length ** 3)) / 12 / volume;
  const gm = kb + bm - at.z;
  const gmLong = kb + bmLong - at.z;
  const heel = heelOf(at.y, gm, bm);
  const trim = Math.atan((at.x - buoyancyX) / gmLong);
  const half = apart === undefined ? beam / 2 : apart / 2 + beam / 2;
  const low = trim >= 0 ? 'bow' : 'stern';
  const end = trim >= 0 ? ends[1] : ends[0];
  const freeboard =
    depth -
    draught -
    half * Math.abs(Math.tan(heel ?? 0)) -
    Math.abs(end - buoyancyX) * Math.abs(Math.tan(trim));
  return {
    draught,
    gm,
    trim: trim / radiansPerDegree,
    heel: heel === undefined ? undefined : heel / radiansPerDegree,
    freeboard,
    low,
    levelX: buoyancyX,
    gmLong,
  };
}

/** Radians that a hull heels with its centre of mass off the middle; `undefined` where it does not stay upright. */
function heelOf(off: number, gm: number, bm: number): number | undefined {
  if (gm <= 0) return undefined;
  // tan φ·(GM + ½·BM·tan²φ) rises with tan φ: Newton from the straight line converges from above.
  let tangent = Math.abs(off) / gm;
  for (let n = 0; n < 60; n += 1) {
    const error = tangent * (gm + (bm * tangent ** 2) / 2) - Math.abs(off);
    tangent -= error / (gm + 1.5 * bm * tangent ** 2);
    if (Math.abs(error) < 1e-12) break;
  }
  return Math.sign(off) * Math.atan(tangent);
}

/** The draught of the same hull with another mass, from one that is known: T = T0·(m/m0)^(C_b/C_w). */
export const draughtAt = (
  { block, waterplane }: Pick<HullForm, 'block' | 'waterplane'>,
  known: { kilograms: number; draught: number },
  kilograms: number,
): number => known.draught * (kilograms / known.kilograms) ** (block / waterplane);

/** Metres of freeboard and of metacentric height that a hull of some depth and beam should keep: rules of thumb. */
export const leastFreeboard = ({ depth }: Pick<HullForm, 'depth'>): number => Math.max(0.01, depth * 0.2);
export const leastGm = ({ beam }: Pick<HullForm, 'beam'>): number => beam * 0.04;
/** Degrees of trim and heel that are not yet worth a thought: rules of thumb. */
export const mostTrim = 0.5;
export const mostHeel = 1;
