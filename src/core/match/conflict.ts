import { searchFront } from './search';
import type { MatchProblem, Screen } from './role';

/** What can be given up: a screen, or the limit of money. */
type Wish = { words: string; without: (problem: MatchProblem) => MatchProblem };

/** Screens with the same words are one wish. */
function wishesOf(problem: MatchProblem): Wish[] {
  const byWords = new Map<string, Screen[]>();
  for (const screen of problem.screens)
    byWords.set(screen.words, [...(byWords.get(screen.words) ?? []), screen]);
  const wishes = [...byWords].map(([words, screens]): Wish => ({
    words,
    without: (from) => ({ ...from, screens: from.screens.filter((screen) => !screens.includes(screen)) }),
  }));
  const { moneyLimit } = problem;
  return moneyLimit === undefined
    ? wishes
    : [
        {
          words: `no more than ${moneyLimit} to spend`,
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
