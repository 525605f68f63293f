import { hullKilograms, waterlineOf } from '../motion/hull-values';
import { isAfloat, kilogramsOf } from '../motion/vehicle-values';
import { Estimates } from '../../model/kinds/estimates';
import type { Build } from '../../model/plan/build';
import type { InsideForm, ModelInside } from '../../model/plan/model-inside';

const hullForms: readonly InsideForm[] = ['open hull', 'planing hull', 'twin hull', 'yacht hull'];
export const isHull = (form: InsideForm): boolean => hullForms.includes(form);

/** The sizes of a model's inside, measured or usual for its shape and mass; metres and kilograms. */
export interface InsideSizes {
  form: InsideForm;
  kilograms: number;
  length: number;
  beam: number;
  depth: number;
  lid: number;
  wetLine: number;
  /** Hulls. */
  waterline: number;
  apart: number;
  block: number;
  waterplane: number;
  /** Wheels and tracks. */
  wheelbase: number;
  track: number;
  clearance: number;
  /** Where the model balances with no electronics in it. */
  bareX: number;
  bareZ: number;
}

/** Shapes of hulls: block and waterplane coefficients, and beam and depth against length: rules of thumb. */
const hullShapes = {
  'open hull': { block: 0.55, waterplane: 0.78, beam: 1 / 3.6, depth: 0.52, lid: 0.045 },
  'planing hull': { block: 0.45, waterplane: 0.75, beam: 1 / 3.1, depth: 0.42, lid: 0.03 },
  'twin hull': { block: 0.5, waterplane: 0.75, beam: 1 / 9, depth: 1.3, lid: 0.1 },
  'yacht hull': { block: 0.38, waterplane: 0.68, beam: 1 / 4.6, depth: 0.55, lid: 0.005 },
} as const;

/** Depth of a usual hull against its draught. */
const deepEnough = 1.7;

/** What stands on the ground: wheelbase in metres by the cube root of the mass, the rest against wheelbase or track. */
const grounds = {
  'wheeled yacht': { base: 0.6, track: 0.75, long: 1.15, beam: 0.2, lid: 0.1, high: 0.12, clearance: 0.05 },
  'car chassis': { base: 0.225, track: 0.7, long: 1.45, beam: 0.62, lid: 0.095, high: 0.3, clearance: 0.008 },
  'ladder frame': { base: 0.225, track: 0.52, long: 1.5, beam: 0.95, lid: 0.17, high: 0.3, clearance: 0.035 },
  'tracked tub': { base: 0.22, track: 0.62, long: 1.25, beam: 0.68, lid: 0.14, high: 0.3, clearance: 0.025 },
} as const;

/** The shape that a kind of model usually has. */
export function usualForm({ model, brief }: Build): InsideForm {
  switch (model) {
    case 'boat':
      return 'open hull';
    case 'yacht':
      return brief.surface === undefined ? 'yacht hull' : 'wheeled yacht';
    case 'car':
      return 'car chassis';
    case 'crawler':
    case 'truck':
      return 'ladder frame';
    case 'tracked machine':
      return 'tracked tub';
  }
}

/** The shapes that a kind of model can have. */
export const formsFor = (build: Build): InsideForm[] =>
  isAfloat(build) ? [...hullForms] : ['car chassis', 'ladder frame', 'tracked tub', 'wheeled yacht'];

/** Sizes of an inside: what was told, otherwise usual for its shape, its mass and what the Brief says. */
export function insideSizes(build: Build, told: ModelInside): InsideSizes {
  const estimates = new Estimates(build.measured);
  return isHull(told.form)
    ? hullSizes(told, hullKilograms(build, estimates), waterlineOf(build, estimates))
    : groundSizes(told, kilogramsOf(build, estimates), build.brief);
}

/** A length as a rule reads it. */
export const toMillimetre = (metres: number): number => Math.round(metres * 1000) / 1000;

function hullSizes(told: ModelInside, kilograms: number, waterline: number): InsideSizes {
  const shape = hullShapes[told.form as keyof typeof hullShapes];
  const length = told.length ?? toMillimetre(waterline * 1.04);
  const beam = told.beam ?? toMillimetre(waterline * shape.beam);
  const hulls = told.form === 'twin hull' ? 2 : 1;
  // A hull that nobody measured has the freeboard that its mass asks for.
  const draught = kilograms / (1000 * shape.block * waterline * beam * hulls);
  const depth = told.depth ?? toMillimetre(Math.max(beam * shape.depth, draught * deepEnough));
  return {
    form: told.form,
    kilograms,
    length,
    beam,
    depth,
    lid: told.lid ?? toMillimetre(depth + shape.lid),
    wetLine: told.wetLine ?? toMillimetre(depth * 0.1),
    waterline: Math.min(waterline, length),
    apart: told.apart ?? toMillimetre(waterline * 0.38),
    block: shape.block,
    waterplane: shape.waterplane,
    wheelbase: 0,
    track: 0,
    clearance: 0,
    bareX: told.bareX ?? length / 2,
    // A yacht carries its ballast far below its hull.
    bareZ: told.bareZ ?? toMillimetre(told.form === 'yacht hull' ? -0.1 * length : depth * 0.4),
  };
}

function groundSizes(told: ModelInside, kilograms: number, brief: Build['brief']): InsideSizes {
  const shape = grounds[told.form as keyof typeof grounds];
  // Of a model whose length is told, the wheels stand as far apart as in others of that length.
  const usualBase = told.length === undefined ? shape.base * Math.cbrt(kilograms) : told.length / shape.long;
  const wheelbase = told.wheelbase ?? brief.trackLength ?? toMillimetre(usualBase);
  const track = told.track ?? brief.gauge ?? toMillimetre(wheelbase * shape.track);
  const length = told.length ?? toMillimetre(wheelbase * shape.long);
  const lid = told.lid ?? toMillimetre(Math.max(shape.lid, shape.high * wheelbase));
  return {
    form: told.form,
    kilograms,
    length,
    beam: told.beam ?? toMillimetre(track * shape.beam),
    depth: told.depth ?? lid,
    lid,
    wetLine: told.wetLine ?? 0,
    waterline: 0,
    apart: 0,
    block: 1,
    waterplane: 1,
    wheelbase,
    track,
    clearance: told.clearance ?? shape.clearance,
    bareX: told.bareX ?? toMillimetre(length / 2),
    bareZ: told.bareZ ?? 0.02,
  };
}

/** Half the width inside at a place along the model, in metres: hulls grow narrow towards their ends. */
export function halfBeam({ form, length, beam }: InsideSizes, x: number): number {
  const half = beam / 2;
  if (!isHull(form)) return half;
  const share = Math.min(Math.max(x / length, 0), 1);
  // Square aft, full to two thirds, then in to the stem along an ellipse.
  const aft =
    form === 'yacht hull' ? 0.7 + 0.3 * Math.min(share / 0.35, 1) : 0.92 + 0.08 * Math.min(share / 0.2, 1);
  const from = form === 'planing hull' ? 0.6 : 0.68;
  const fore = share <= from ? 1 : Math.sqrt(Math.max(0, 1 - ((share - from) / (1 - from)) ** 2));
  return half * aft * fore;
}
