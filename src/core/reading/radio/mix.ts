/** A share of something in a sum. */
interface Share {
  value: number;
  /** Percent. */
  percent: number;
}

/** What a channel is told: the sum of its shares, not cut off yet. */
export const summed = (shares: readonly Share[]): number =>
  shares.reduce((sum, { value, percent }) => sum + (value * percent) / 100, 0);

/** Within full travel both ways. */
export const clipped = (value: number): number => Math.min(Math.max(value, -1), 1);

/**
 * Channels that are mixed together and asked for more than there is: all divided by the largest, so that what one
 * gets more than another stays in the same proportion (a turn survives full throttle).
 */
export function sharedOut(values: readonly number[]): number[] {
  const most = Math.max(1, ...values.map(Math.abs));
  return values.map((value) => value / most);
}
