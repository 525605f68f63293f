import type { Hold } from '../fitting/placement';
import type { PortSpec } from '../parts/port';
import type { PartKind, PartOfKind } from './part-spec';

/** The side of a part that leads leave: its front, its back, its left side as one looks forward over it, or below. */
export type Side = 'front' | 'back' | 'left' | 'below';

/** Millimetres of a part: along it, across, and up. */
export type Sides = readonly [long: number, wide: number, high: number];

/** What a part of a kind is as a body, where its sheet does not say: rules of thumb. */
export interface UsualBody<K extends PartKind> {
  kilograms: (part: PartOfKind<K>) => number;
  /** At a mass in kilograms. */
  sides: (part: PartOfKind<K>, kilograms: number) => Sides;
  /** Where the lead of a port leaves it; its front where not said. */
  exit?: (part: PartOfKind<K>, port: PortSpec) => Side;
  /** Whether its sockets stand on it, so that the whole plug stands out of them. */
  hasSockets?: boolean;
  /** What holds it unless somebody says otherwise. */
  hold?: Hold;
  /** Whether it lies as well on its side. */
  liesOnSide?: boolean;
  /** Whether an antenna should stay clear of it. */
  shadesAntenna?: boolean;
}

/** Sides of a part that is alike in shape to a usual one, at another mass. */
export const alike =
  (sides: Sides, usual: number) =>
  (_: unknown, kilograms: number): Sides => {
    const scale = Math.cbrt(kilograms / usual);
    return [sides[0] * scale, sides[1] * scale, sides[2] * scale];
  };
