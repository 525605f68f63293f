import { isOver, isUnder } from '../../base/quantity/compare';
import type { Unit } from '../../base/quantity/format';

/** One limit and what meets it: the two numbers of a verdict, stated once for whoever judges by it. */
export interface Limit<Message extends string = string> {
  actual: number;
  limit: number;
  unit: Unit;
  bound: 'most' | 'least';
  /** What the rule of this limit says where it is passed; `undefined` where it is kept. */
  passed: Message | undefined;
}

const bounded =
  (bound: Limit['bound'], isPassed: typeof isOver) =>
  <Message extends string>(actual: number, limit: number, unit: Unit, message: Message): Limit<Message> => ({
    actual,
    limit,
    unit,
    bound,
    passed: isPassed(actual, limit, unit) ? message : undefined,
  });

/** A most that something must not go over, by more than what is shown. */
export const atMost = bounded('most', isOver);

/** A least that something must not fall short of, by more than what is shown. */
export const atLeast = bounded('least', isUnder);

/** The share of a limit that is left; how far beyond it, as a share of it, where it is passed. */
export const shareLeft = ({ actual, limit, bound }: Limit): number =>
  (bound === 'most' ? limit - actual : actual - limit) / Math.max(Math.abs(limit), 1e-9);
