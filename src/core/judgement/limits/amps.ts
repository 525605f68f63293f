import type { ControllerSpec } from '../../model/kinds/controller/controller';
import { atMost, type Limit } from './limit';

/** Headroom a controller should have over its motors' amps at full load: rule of thumb. */
export const controllerHeadroom = 1.25;

/**
 * How far a jammed motor may pull over a controller's label for the blink that it takes to let go, without a word and
 * without danger: rules of thumb.
 */
const ordinaryJam = 1.5;
const blinkJam = 2.5;

/** Amps that a controller carries for a blink: its burst by the sheet, or what is usual for its continuous amps. */
export const blinkAmps = ({
  continuousAmps,
  burstAmps,
}: Pick<ControllerSpec, 'continuousAmps' | 'burstAmps'>): number | undefined =>
  burstAmps?.value ?? (continuousAmps && blinkJam * continuousAmps.value);

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

/** Amps of a rail at its worst second against what its regulator gives for seconds. */
export function railLoad(asked: number, most: number): Limit<'askedTooMuch' | 'tight'> {
  const over = atMost(asked, most, 'A', 'askedTooMuch' as const);
  if (over.passed) return over;
  return { ...over, passed: atMost(asked, most * tightShare, 'A', 'tight' as const).passed };
}

/** Amps of a rail for minutes against what a linear regulator's heat allows. */
export const lastingLoad = (asked: number, lasting: number): Limit<'tooHot'> =>
  atMost(asked, lasting, 'A', 'tooHot');
