import { formatQuantity, type Unit } from './format';

/** Whether two figures read the same as they are shown; what reads the same is no trouble. */
export const readAlike = (value: number, other: number, unit: Unit): boolean =>
  formatQuantity(value, unit) === formatQuantity(other, unit);

/** Whether a figure is beyond the most it may be, by more than what is shown. */
export const isOver = (actual: number, most: number, unit: Unit): boolean =>
  actual > most && !readAlike(actual, most, unit);

/** Whether a figure is short of the least that is needed, by more than what is shown. */
export const isUnder = (actual: number, least: number, unit: Unit): boolean =>
  actual < least && !readAlike(actual, least, unit);
