import type { StickShape } from '../../model/plan/channel-setting';

/**
 * What a function is told when its control stands at x, both from −1 to 1: exponential, curve, rate, in that order.
 * Exponential k: x·(1 − k + k·x²), which never turns back for k from −0.5 to 1.
 */
export function shaped(x: number, { expo = 0, rate = 100, curve }: StickShape = {}): number {
  const k = expo / 100;
  const bent = x * (1 - k + k * x * x);
  return (along(curve, bent) * rate) / 100;
}

/** Straight lines through points that stand at even distances from −1 to 1, in percent. */
function along(curve: readonly number[] | undefined, x: number): number {
  if (!curve || curve.length < 2) return x;
  const place = ((Math.min(Math.max(x, -1), 1) + 1) / 2) * (curve.length - 1);
  const n = Math.min(Math.floor(place), curve.length - 2);
  return (curve[n]! + (curve[n + 1]! - curve[n]!) * (place - n)) / 100;
}
