import { atMost, type Limit } from './limit';

/** Headroom a controller should have over its motors' amps at full load: rule of thumb. */
export const controllerHeadroom = 1.25;

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
