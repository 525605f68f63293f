import { blinkJam } from '../../model/kinds/controller/usual-controller';
import { isOver, isUnder } from '../../base/quantity/compare';
import { atMost, type Limit } from './limit';

/** Headroom a controller should have over its motors' amps at full load: rule of thumb. */
export const controllerHeadroom = 1.25;

/** How far a jammed motor may pull over a controller's label for a blink without a word: rule of thumb. */
const ordinaryJam = 1.5;

/** Amps of a jammed brushed motor on a full pack against a controller's continuous amps. */
export function jamLoad(jammed: number, most: number): Limit<'stallsFarAbove' | 'stallsAbove'> {
  const far = atMost(jammed, blinkJam * most, 'A', 'stallsFarAbove' as const);
  if (far.passed) return { ...far, limit: most };
  const { passed } = atMost(jammed, ordinaryJam * most, 'A', 'stallsAbove' as const);
  return { ...far, limit: most, passed };
}

/** Share of a regulator's amps above which little is left for a bad day. */
const tightShare = 0.9;

/** Amps into its motors at full throttle on a full pack against a controller's continuous amps. */
export function controllerLoad(asked: number, most: number): Limit<'overloaded' | 'littleHeadroom'> {
  const over = atMost(asked, most, 'A', 'overloaded' as const);
  return over.passed ? over : atMost(asked * controllerHeadroom, most, 'A', 'littleHeadroom' as const);
}

/** Amps of the worst second against what is believed of a pack's label. */
export const packLabel = (asked: number, allowed: number): Limit<'overdrawn'> =>
  atMost(asked, allowed, 'A', 'overdrawn');

/** What a rail asks of its regulator, and what is left of its volts meanwhile. */
export interface RailAsked {
  /** Amps at the worst second. */
  worst: number;
  /** Amps for minutes, no servo stalled. */
  lasting: number;
  /** Volts that the regulator still holds at the worst second, giving all it can; `undefined` where nobody knows. */
  volts: number | undefined;
  /** Volts under which a receiver on the rail drops out; `undefined` on a rail without one. */
  floor: number | undefined;
}

/**
 * Amps of a rail against what its regulator gives. What asks more for a second sinks the rail: that stops the model only
 * where a receiver drops out, or where more is asked for minutes too, which shuts the regulator down.
 */
export function railLoad(
  { worst, lasting, volts, floor }: RailAsked,
  most: number,
): Limit<'askedTooMuch' | 'sinks' | 'tight'> {
  const over = atMost(worst, most, 'A', 'askedTooMuch' as const);
  if (!over.passed)
    return { ...over, passed: atMost(worst, most * tightShare, 'A', 'tight' as const).passed };
  const isLasting = isOver(lasting, most, 'A');
  const dropsOut = floor !== undefined && (volts === undefined || isUnder(volts, floor, 'V'));
  return isLasting || dropsOut ? over : { ...over, passed: 'sinks' };
}

/** Amps of a rail for minutes against what a linear regulator's heat allows. */
export const lastingLoad = (asked: number, lasting: number): Limit<'tooHot'> =>
  atMost(asked, lasting, 'A', 'tooHot');
