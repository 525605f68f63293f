import type { Outing } from '../../model/plan/outing';

/** What is rehearsed, and under what circumstances. */
export interface TrialTask {
  outing: Outing;
  /** Charge of every pack at the start, 0 to 1. */
  charge: number;
  /** Air, in degrees Celsius. */
  air: number;
  /** Multiplies the packs' ohms: 1 for a pack that is young and warm. */
  age: number;
  /** What to multiply estimates by, by key; nothing where they are taken as they are. */
  factors?: ReadonlyMap<string, number>;
  /** Slices of time in the result; with none only its figures and events are kept. */
  slices?: number;
  /** Multiplies the errors allowed in a step. */
  looseness?: number;
}

export const usualTask = (outing: Outing): TrialTask => ({ outing, charge: 0.9, air: 20, age: 1 });

/** Ohms of a cell against those at 20 °C: cold ones are sluggish; rule of thumb, doubling every 25 °C down. */
export const coldFactor = ({ air, age }: TrialTask): number => age * 2 ** (Math.max(20 - air, 0) / 25);
