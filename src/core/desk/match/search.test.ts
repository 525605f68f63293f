import { randomLcg } from 'd3-random';
import { describe, expect, it } from 'vitest';
import { variedLocker } from '../../../../tests/kit/varied-locker';
import { knownModels } from '../../../../tests/kit/known-models';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import {
  ampleMargin,
  isNoWorse,
  marginStep,
  massSteps,
  minuteStep,
  moneySteps,
  type Cost,
} from './objectives';
import { problemOf } from './match-build';
import { rolesOf, seeded } from './roles';
import { searchFront } from './search';
import type { Candidate, MatchProblem } from './role';

/** Every combination there is, looked at whole: what the search has to find without. */
function exhaustive({ roles, screens, joints, runMinutes, moneyLimit }: MatchProblem): Cost[] {
  const found: Cost[] = [];
  const parts: Candidate[] = [];
  const look = (at: number): void => {
    const role = roles[at];
    if (role) {
      for (const candidate of role.candidates) {
        parts[at] = candidate;
        look(at + 1);
      }
      return;
    }
    const margins = screens.map((screen) => ({ screen, margin: screen.margin(parts) }));
    if (margins.some(({ margin }) => margin !== undefined && margin < 0)) return;
    const sum = (of: (candidate: Candidate, n: number) => number) =>
      parts.reduce((all, candidate, n) => all + of(candidate, n) * roles[n]!.fittings.length, 0);
    const cost: Cost = [
      sum(({ money }, n) => (roles[n]!.isOpen ? moneySteps(money) : 0)),
      sum(({ kilograms }) => massSteps(kilograms)),
      -Math.min(
        marginStep(ampleMargin),
        ...margins.flatMap(({ screen, margin }) =>
          screen.isMargin && margin !== undefined ? [marginStep(margin)] : [],
        ),
      ),
      -minuteStep(runMinutes.minutes(parts)),
      joints.reduce((all, count) => all + count.joints(parts), 0),
    ];
    const spent = sum(({ money }, n) => (roles[n]!.isOpen ? money : 0));
    if (moneyLimit === undefined || spent <= moneyLimit + 1e-9) found.push(cost);
  };
  look(0);
  const front = found.filter((cost) => !found.some((other) => other !== cost && isBetter(other, cost)));
  return [...new Map(front.map((cost) => [cost.join(), cost])).values()].sort(inOrder);
}

const isBetter = (a: Cost, b: Cost): boolean => isNoWorse(a, b) && !isNoWorse(b, a);
const inOrder = (a: Cost, b: Cost): number => a.join().localeCompare(b.join());

/** A problem small enough to try everything: few candidates of each kind, drawn from a made-up locker. */
function smallProblem(build: Build, seed: number, most: number, moneyLimit?: number): MatchProblem {
  const items = variedLocker(400, seed);
  const random = randomLcg(((seed + 3) * 0.754877666) % 1);
  const start = seeded(build, () => undefined);
  // What stands there now goes together, and is one to choose as well, at a price.
  const now = rolesOf(start, items, { stock: 'all', open: new Set() });
  const roles = rolesOf(start, items, { stock: 'all' }).map((role, n) => ({
    ...role,
    candidates: [
      ...now[n]!.candidates.map((candidate) => ({ ...candidate, money: 30 })),
      ...role.candidates.filter(() => random() < most / role.candidates.length).slice(0, most),
    ],
  }));
  return problemOf(start.build, [], roles, { moneyLimit, leastMinutes: seed % 4 === 1 ? 12 : undefined });
}

const builds = [tub(), ...knownModels.slice(0, 4).map(({ build }) => build)];

describe('a search over all combinations', () => {
  it.each(Array.from({ length: 50 }, (_, seed) => seed))(
    'finds just the front that trying everything finds: locker %i',
    (seed) => {
      const problem = smallProblem(builds[seed % builds.length]!, seed, 4, seed % 3 === 0 ? 200 : undefined);
      const found = searchFront(problem)!;
      expect(found.front.map(({ cost }) => cost).sort(inOrder)).toEqual(exhaustive(problem));
      // What it says of a combination is what its parts say.
      for (const { parts, cost } of found.front)
        expect(-cost[3]).toBe(minuteStep(problem.runMinutes.minutes(parts)));
    },
  );

  it('finds something in most of those lockers, so that they prove something', () => {
    const sizes = Array.from({ length: 50 }, (_, seed) => {
      const problem = smallProblem(builds[seed % builds.length]!, seed, 4, seed % 3 === 0 ? 200 : undefined);
      return searchFront(problem)!.front.length;
    });
    expect(sizes.filter((size) => size > 0).length).toBeGreaterThan(25);
    expect(Math.max(...sizes)).toBeGreaterThan(3);
  });

  it('stops at once when it is told to', () => {
    const problem = smallProblem(tub(), 7, 60);
    expect(searchFront(problem, { onProgress: () => false })).toBeUndefined();
  });
});
