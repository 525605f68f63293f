import type { RegulatorSizing } from '../../../model/plan/policies';

/** Which servos count as stalled, by school, in words. */
export const schoolWords: Record<RegulatorSizing, string> = {
  twoWorst: 'two servos stalled, the rest moving',
  allStalled: 'every servo stalled at once',
  typical: 'every servo moving its usual load',
};
