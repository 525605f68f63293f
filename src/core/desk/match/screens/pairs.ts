import type { Limit } from '../../../judgement/limits/limit';
import { shareLeft } from '../../../judgement/limits/limit';
import type { Rule } from '../../../judgement/rules/rule';
import type { PartKind, PartOfKind } from '../../../model/kinds/part-spec';
import { remembered, rememberedAlone } from '../../../base/remembered';
import type { Assignment, Candidate, Role, Screen, Standing } from '../role';

/** Indices of the roles of a kind. */
export const rolesOfKind = (roles: readonly Role[], kind: PartKind): number[] =>
  roles.flatMap((role, n) => (role.kind === kind ? [n] : []));

/** The part in a role, where one is chosen. */
export const partIn = <K extends PartKind>(assignment: Assignment, role: number): PartOfKind<K> | undefined =>
  assignment[role]?.part as PartOfKind<K> | undefined;

/**
 * The margin of a limit as its rule would judge it: below zero only where that would be a stop, nothing left where it would
 * be minded, and no word of what is only noted.
 */
export function marginBy<Message extends string>(
  { meta }: Pick<Rule<Message>, 'meta'>,
  limit: Limit<Message> | undefined,
): number | undefined {
  if (!limit) return undefined;
  if (limit.passed === undefined) return Math.max(shareLeft(limit), 0);
  const { severity } = meta.messages[limit.passed];
  if (severity === 'note') return undefined;
  return severity === 'mind' ? 0 : Math.min(shareLeft(limit), -1e-6);
}

/**
 * How far over a limit in amps the solved network may still find it within: leads and pack take volts off, and the thin
 * leads of servos most.
 */
export const networkSlack = { drive: 0.08, rail: 0.25 };

/** The same for amps that were summed up beside the network: a little over is for the whole check to say. */
export function ampsMarginBy<Message extends string>(
  rule: Pick<Rule<Message>, 'meta'>,
  limit: Limit<Message> | undefined,
  of: keyof typeof networkSlack,
): number | undefined {
  const margin = marginBy(rule, limit);
  return margin !== undefined && margin < 0 && margin > -networkSlack[of] ? 0 : margin;
}

/** How far something lies above what it must be at least, as a share of it. */
export const marginAbove = (given: number, least: number): number => (given - least) / Math.max(least, 1e-9);

/** The smaller of margins that are known. */
export function smallest(...margins: (number | undefined)[]): number | undefined {
  const known = margins.filter((margin) => margin !== undefined);
  return known.length === 0 ? undefined : Math.min(...known);
}

const numbers = new WeakMap<Candidate, number>();
let given = 0;

/** What tells a candidate from all others. */
export function identity(candidate: Candidate | undefined): string {
  if (!candidate) return '';
  let own = numbers.get(candidate);
  if (own === undefined) numbers.set(candidate, (own = given += 1));
  return String(own);
}

/** Nothing that a later choice would meet. */
const noStanding: Standing = { key: '', less: [] };

interface Between {
  id: string;
  words: string;
  isMargin?: boolean;
  isWish?: boolean;
  /** What the second role meets of a first that is decided before it; by which one it is where not said. */
  meets?: (first: Candidate) => string | number;
  /** The same of a second that is decided before the first. */
  shows?: (second: Candidate) => string | number;
}

/** A screen of one role. Each candidate is judged once. */
export function alone(
  { id, words, isMargin = true, isWish = false }: Between,
  role: number,
  judge: (candidate: Candidate) => number | undefined,
): Screen {
  const judged = rememberedAlone(judge);
  return {
    id,
    words,
    roles: [role],
    isMargin,
    isWish,
    standing: () => noStanding,
    margin: (assignment) => {
      const candidate = assignment[role];
      return candidate && judged(candidate);
    },
  };
}

/** A screen between two roles. Each pair of candidates is judged once. */
export function between(
  { id, words, isMargin = true, isWish = false, meets = identity, shows = identity }: Between,
  [first, second]: readonly [number, number],
  judge: (first: Candidate, second: Candidate) => number | undefined,
): Screen {
  const judged = remembered(judge);
  return {
    id,
    words,
    roles: [first, second],
    isMargin,
    isWish,
    standing: (assignment) => {
      const [a, b] = [assignment[first], assignment[second]];
      return { key: a ? String(meets(a)) : b ? String(shows(b)) : '', less: [] };
    },
    margin: (assignment) => {
      const [a, b] = [assignment[first], assignment[second]];
      return a && b && judged(a, b);
    },
  };
}
