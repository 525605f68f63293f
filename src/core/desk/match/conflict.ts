import { ampleMargin } from './objectives';
import { searchFront } from './search';
import type { Candidate, MatchProblem, Screen } from './role';

/** What can be given up: a screen, or the limit of money. */
interface Wish {
  words: string;
  /** Its screens; none for the money. */
  screens: readonly Screen[];
  without: (problem: MatchProblem) => MatchProblem;
}

const moneyWords = (limit: number): string => `no more than ${limit} to spend`;

/** Screens with the same words are one wish. */
function wishesOf(problem: MatchProblem): Wish[] {
  const byWords = new Map<string, Screen[]>();
  for (const screen of problem.screens)
    byWords.set(screen.words, [...(byWords.get(screen.words) ?? []), screen]);
  const wishes = [...byWords].map(([words, screens]): Wish => ({
    words,
    screens,
    without: (from) => ({ ...from, screens: from.screens.filter((screen) => !screens.includes(screen)) }),
  }));
  const { moneyLimit } = problem;
  return moneyLimit === undefined
    ? wishes
    : [
        {
          words: moneyWords(moneyLimit),
          screens: [],
          without: (from) => ({ ...from, moneyLimit: undefined }),
        },
        ...wishes,
      ];
}

/** Whether anything fits: with all choices alike in cost, one label for each standing is enough. */
const isSolvable = (problem: MatchProblem): boolean => {
  const free = problem.roles.map((role) => ({
    ...role,
    candidates: role.candidates.map((candidate) =>
      problem.moneyLimit === undefined
        ? { ...candidate, money: 0, kilograms: 0 }
        : { ...candidate, kilograms: 0 },
    ),
  }));
  const screens = problem.screens.map((screen) => ({ ...screen, isMargin: false }));
  const runMinutes = { ...problem.runMinutes, minutes: () => 0 };
  return (searchFront({ ...problem, roles: free, screens, joints: [], runMinutes })?.front.length ?? 0) > 0;
};

/**
 * The smallest set of wishes that cannot be met together, by leaving out one after another what is not needed for that
 * (a minimal one: with any of them given up, something fits the rest of the set).
 */
export function conflictOf(problem: MatchProblem): string[] {
  let wishes = wishesOf(problem);
  const withOnly = (kept: readonly Wish[]): MatchProblem =>
    wishesOf(problem)
      .filter(({ words }) => kept.every((wish) => wish.words !== words))
      .reduce((from, wish) => wish.without(from), problem);
  for (const wish of [...wishes]) {
    const rest = wishes.filter((each) => each !== wish);
    if (!isSolvable(withOnly(rest))) wishes = rest;
  }
  return wishes.map(({ words }) => words);
}

/** A choice of parts that meets all wishes but one. */
export interface NearMiss {
  /** The wish that it does not meet. */
  lacks: string;
  /** By how much of the limit it misses it, a share of it; of money, how much too much. */
  by: { share: number } | { money: number } | 'not at all';
  /** Name of each open role, and of the part in it. */
  parts: { role: string; part: string }[];
}

/** Wishes that are looked at one by one. */
const mostMisses = 4;

/** What comes nearest where nothing fits: for each wish of a conflict, the choice that misses it by least and meets the rest. */
export function nearMisses(problem: MatchProblem, conflict: readonly string[]): NearMiss[] {
  return wishesOf(problem)
    .filter(({ words }) => conflict.includes(words))
    .slice(0, mostMisses)
    .flatMap((wish): NearMiss[] => {
      const found = searchFront(softened(problem, wish))?.front ?? [];
      const missed = found.map(({ parts }) => ({ parts, by: shortOf(problem, wish, parts) }));
      const [nearest] = missed.sort((a, b) => sizeOf(a.by) - sizeOf(b.by));
      if (!nearest) return [];
      const parts = problem.roles.flatMap(({ name, isOpen }, n) =>
        isOpen ? [{ role: name, part: nearest.parts[n]!.part.name }] : [],
      );
      return [{ lacks: wish.words, by: nearest.by, parts }];
    });
}

const sizeOf = (by: NearMiss['by']): number =>
  by === 'not at all' ? 1 : 'money' in by ? by.money : by.share;

/** The problem with one wish that refuses nothing: the nearer a choice comes to it, the larger is its margin. */
function softened(problem: MatchProblem, wish: Wish): MatchProblem {
  const soft = (screen: Screen): Screen => ({
    ...screen,
    isMargin: true,
    margin: (assignment) => {
      const own = screen.margin(assignment);
      return own === undefined || own >= 0 ? own : ampleMargin * Math.max(0, 1 + own);
    },
  });
  return {
    ...wish.without(problem),
    screens: problem.screens.map((screen) =>
      wish.screens.includes(screen) ? soft(screen) : { ...screen, isMargin: false },
    ),
  };
}

/** How far a choice stays behind a wish. */
function shortOf(problem: MatchProblem, { screens }: Wish, parts: readonly Candidate[]): NearMiss['by'] {
  if (screens.length > 0) {
    const share = Math.max(0, ...screens.map((screen) => -(screen.margin(parts) ?? 0)));
    // Some wishes are met or not, with nothing between.
    return share < 1 ? { share } : 'not at all';
  }
  const spent = problem.roles.reduce(
    (sum, { isOpen, fittings }, n) => sum + (isOpen ? fittings.length * parts[n]!.money : 0),
    0,
  );
  return { money: Math.max(0, spent - (problem.moneyLimit ?? Infinity)) };
}

/** How far a near miss stays behind, in words that go after its wish; empty where it is a matter of yes or no. */
export function missedBy({ by }: NearMiss): string {
  if (by === 'not at all') return '';
  return 'money' in by ? `, by ${by.money.toFixed(2)}` : `, by ${Math.max(1, Math.round(100 * by.share))} %`;
}
