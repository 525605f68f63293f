import { kilogramsOfPart } from '../../model/kinds/kilograms';
import type { Spot } from '../../model/fitting/spot';
import type { Provenance } from '../../base/validation/figure';
import type { Fitted } from '../../model/kinds/fitted';
import { afloat, type Afloat } from './afloat';
import { middleOf, type Box } from './box';
import type { Inside } from './inside';
import { isHull } from './inside-sizes';
import { onWheels, type OnWheels } from './on-wheels';

/** Something that weighs, and where its middle is. */
export interface Mass {
  name: string;
  /** The fitting; `undefined` for the bare model. */
  fitting: string | undefined;
  kilograms: number;
  provenance: Provenance;
  at: Spot;
}

/** The weight of a model and what it makes of it. */
export interface Balance {
  masses: Mass[];
  kilograms: number;
  /** Centre of mass. */
  at: Spot;
  /** Kilograms that nobody weighed. */
  guessed: number;
  /** What was not weighed and weighs most. */
  mostGuessed: string | undefined;
  /** Parts that lie nowhere yet, and what they weigh. */
  loose: { names: string[]; kilograms: number };
  afloat: Afloat | undefined;
  onWheels: OnWheels | undefined;
}

interface Lying {
  fitted: Fitted;
  box: Box;
}

/** What a model weighs, where, and how it floats or stands with it. What hangs on leads counts with the bare model. */
export function balanceOf(inside: Inside, laid: readonly Lying[], loose: readonly Fitted[]): Balance {
  const parts = laid.map(({ fitted, box }): Mass => {
    const { part, fitting } = fitted;
    return {
      name: fitting.name,
      fitting: fitting.id,
      kilograms: kilogramsOfPart(part),
      provenance: part.kilograms?.provenance ?? 'estimated',
      at: middleOf(box),
    };
  });
  const looseKilograms = loose.reduce((sum, { part }) => sum + kilogramsOfPart(part), 0);
  const bareKilograms =
    inside.kilograms - looseKilograms - parts.reduce((sum, { kilograms }) => sum + kilograms, 0);
  const isBareGuessed = inside.told.bareX === undefined || inside.told.bareZ === undefined;
  const bare: Mass = {
    name: 'bare model',
    fitting: undefined,
    // A model that weighs less than its parts is told of elsewhere.
    kilograms: Math.max(bareKilograms, 0),
    provenance: isBareGuessed ? 'estimated' : 'stated',
    at: { x: inside.bareX, y: 0, z: inside.bareZ },
  };
  const masses = [...parts, bare];
  const kilograms = masses.reduce((sum, mass) => sum + mass.kilograms, 0);
  const moment = (axis: 'x' | 'y' | 'z') =>
    masses.reduce((sum, mass) => sum + mass.kilograms * mass.at[axis], 0) / Math.max(kilograms, 1e-9);
  const at = { x: moment('x'), y: moment('y'), z: moment('z') };
  const guesses = masses
    .filter((mass) => mass.provenance === 'estimated' && mass.fitting !== undefined)
    .sort((a, b) => b.kilograms - a.kilograms);
  return {
    masses,
    kilograms,
    at,
    guessed: guesses.reduce((sum, mass) => sum + mass.kilograms, 0),
    mostGuessed: guesses[0]?.name,
    loose: { names: loose.map(({ fitting }) => fitting.name), kilograms: looseKilograms },
    // Where all that weighs lies nowhere yet, nothing floats.
    afloat: isHull(inside.form) && kilograms > 0 ? afloat(hullOf(inside), kilograms, at) : undefined,
    onWheels: isHull(inside.form) ? undefined : onWheels(inside, at),
  };
}

/** The hull as the sums see it. */
const hullOf = ({ form, length, waterline, beam, depth, block, waterplane, apart, draught }: Inside) => ({
  waterline,
  beam,
  depth,
  block,
  waterplane,
  draught,
  // The waterline lies in the middle of the length over all.
  buoyancyX: length / 2,
  ends: [0, length] as const,
  apart: form === 'twin hull' ? apart : undefined,
});

/**
 * How far a mass has to move along the model, in metres, so that the centre of mass comes to lie at some place.
 * Moments: Δx·m = Δx_G·M.
 */
export const moveToCentre = (balance: Balance, mass: Pick<Mass, 'kilograms'>, wantedX: number): number =>
  ((wantedX - balance.at.x) * balance.kilograms) / mass.kilograms;
