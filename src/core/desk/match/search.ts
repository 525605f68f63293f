import {
  ampleMargin,
  marginOfStep,
  marginStep,
  massSteps,
  minuteStep,
  moneySteps,
  type Cost,
} from './objectives';
import { supported } from './supported';
import { Undominated } from './undominated';
import type { Assignment, Candidate, MatchProblem, Screen } from './role';

/** One choice for all roles, and what it comes to. */
export interface Combination {
  /** By the order of the roles. */
  parts: Candidate[];
  margin: number;
  cost: Cost;
}

/** How much was looked at. */
export interface Searched {
  /** All combinations there are. */
  raw: number;
  /** Choices that were looked at, whole or in part. */
  checked: number;
  /** Choices that were left, with all that hangs on them. */
  pruned: number;
}

export interface SearchResult {
  /** What no other choice beats in everything, in no order; one of those that cost alike. */
  front: Combination[];
  searched: Searched;
}

export interface SearchControl {
  /** Looked at now and then. @param share of the roles that are decided. @returns whether to go on */
  onProgress?: (share: number) => boolean;
}

/** A choice for the first roles. */
interface Label {
  parts: Candidate[];
  /** To spend, to the last hundredth. */
  money: number;
  /** Of the roles decided so far; minutes 0 until they are known. */
  cost: Cost;
  /** What it gives the later roles less of, after its cost. */
  all: number[];
}

/** Choices looked at between two looks at whether to go on. */
const lookEvery = 20_000;

/**
 * All choices that no other beats in money, mass, smallest margin, run time and joints together (the Pareto front), by
 * labels: roles are decided one after another, and of the choices for the first roles that mean the same to the later
 * ones, those that another is no worse than in everything are dropped (R. Bellman's principle of optimality, for
 * several aims at once). What a screen refuses goes no further. Exact: it finds what trying everything would.
 * @returns nothing where it was stopped
 */
export function searchFront(problem: MatchProblem, control: SearchControl = {}): SearchResult | undefined {
  const raw = problem.roles.reduce((all, role) => all * role.candidates.length, 1);
  const searched: Searched = { raw, checked: 0, pruned: 0 };
  // The cheap and light first: what comes after them is beaten the sooner.
  const roles = supported(problem).map((role) => ({
    ...role,
    candidates: [...role.candidates].sort((a, b) => a.money - b.money || a.kilograms - b.kilograms),
  }));
  const leastMoney = roles.map((_, n) =>
    roles
      .slice(n + 1)
      .reduce((sum, role) => sum + leastOf(role.candidates) * (role.isOpen ? role.fittings.length : 0), 0),
  );
  // A limit is kept to the last hundredth, whatever counts as alike.
  const { moneyLimit = Infinity } = problem;
  let labels: Label[] = [{ parts: [], money: 0, cost: [0, 0, -marginStep(ampleMargin), 0, 0], all: [] }];
  for (const [at, role] of roles.entries()) {
    const screens = problem.screens.filter((screen) => screen.roles.includes(at));
    const joints = problem.joints.filter((count) => Math.max(...count.roles) === at);
    const isTimed = Math.max(...problem.runMinutes.roles, 0) === at;
    const open = stillOpen(problem, at);
    // What does not look at this role stands as it stood before it.
    const touched = open.filter(({ roles: looks }) => looks.includes(at));
    const untouched = open.filter(({ roles: looks }) => !looks.includes(at));
    const byKey = new Map<string, Undominated<Label>>();
    const count = role.fittings.length;
    for (const [n, label] of labels.entries()) {
      const assignment: (Candidate | undefined)[] = [...label.parts];
      const before = untouched.map((each) => each.standing(assignment));
      const keyBefore = before.map((standing) => standing.key).join('|');
      const lessBefore = before.flatMap(({ less }) => less);
      for (const candidate of role.candidates) {
        searched.checked += 1;
        if (searched.checked % lookEvery === 0)
          if (control.onProgress?.((at + n / labels.length) / roles.length) === false) return undefined;
        assignment[at] = candidate;
        const spent = label.money + (role.isOpen ? count * candidate.money : 0);
        const margin = screened(screens, assignment, -label.cost[2]);
        if (margin === undefined || spent + leastMoney[at]! > moneyLimit + 1e-9) {
          searched.pruned += 1;
          continue;
        }
        const cost: Cost = [
          label.cost[0] + (role.isOpen ? count * moneySteps(candidate.money) : 0),
          label.cost[1] + count * massSteps(candidate.kilograms),
          -margin,
          isTimed ? -minuteStep(problem.runMinutes.minutes(assignment)) : label.cost[3],
          joints.reduce((sum, each) => sum + each.joints(assignment), label.cost[4]),
        ];
        const all: number[] = [...cost, ...lessBefore];
        // To the last hundredth it only matters to what is still to be bought.
        if (moneyLimit < Infinity && at < roles.length - 1) all.push(spent);
        let key = keyBefore;
        for (const each of touched) {
          const standing = each.standing(assignment);
          key += `|${standing.key}`;
          all.push(...standing.less);
        }
        let alike = byKey.get(key);
        if (!alike) byKey.set(key, (alike = new Undominated()));
        searched.pruned += alike.beats(all)
          ? 1
          : alike.take({ parts: [...label.parts, candidate], money: spent, cost, all });
      }
    }
    labels = [...byKey.values()].flatMap(({ things }) => things);
    if (control.onProgress?.((at + 1) / roles.length) === false) return undefined;
  }
  return {
    front: labels.map(({ parts, cost }) => ({ parts, cost, margin: marginOfStep(-cost[2]) })),
    searched,
  };
}

const leastOf = (candidates: readonly Candidate[]): number =>
  candidates.length === 0 ? 0 : Math.min(...candidates.map(({ money }) => money));

/** What looks at a role decided by now and at one that is not. */
const stillOpen = ({ screens, joints, runMinutes }: MatchProblem, at: number) =>
  [...screens, ...joints, runMinutes].filter(
    ({ roles }) => roles.some((role) => role <= at) && roles.some((role) => role > at),
  );

/** The smallest margin with these screens, in steps; `undefined` where one refuses. */
function screened(screens: readonly Screen[], assignment: Assignment, margin: number): number | undefined {
  let smallest = margin;
  for (const screen of screens) {
    const own = screen.margin(assignment);
    if (own === undefined) continue;
    if (own < 0) return undefined;
    if (screen.isMargin) smallest = Math.min(smallest, marginStep(own));
  }
  return smallest;
}
