/**
 * What offers are compared by, each better the smaller it is, in steps that a person would tell apart: whole units of money
 * and ten grams by part, twentieths of the smallest margin and two minutes of run time turned round, adapters and joints.
 */
export type Cost = readonly [
  money: number,
  mass: number,
  lessMargin: number,
  lessMinutes: number,
  joints: number,
];

export const moneySteps = (money: number): number => Math.round(money);
export const massSteps = (kilograms: number): number => Math.round(kilograms * 100);

const marginSteps = 20;

/** Margins beyond this are all ample. */
export const ampleMargin = 0.5;

/** A margin in steps, rounded down. */
export const marginStep = (margin: number): number =>
  Math.floor(Math.min(margin, ampleMargin) * marginSteps + 1e-9);

export const marginOfStep = (step: number): number => step / marginSteps;

/** Minutes beyond this are all a long day. */
const longDay = 240;
const minutesInStep = 2;

export const minuteStep = (minutes: number): number => Math.round(Math.min(minutes, longDay) / minutesInStep);

/** Whether a list of numbers is no worse than another in everything. */
export function isNoWorse(a: readonly number[], b: readonly number[]): boolean {
  for (let n = 0; n < a.length; n += 1) if (a[n]! > b[n]!) return false;
  return true;
}
