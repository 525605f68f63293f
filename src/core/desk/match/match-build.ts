import { hauls } from '../../reading/brief/function-presets';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../../reading/build-reading/reading';
import type { LockerItem } from '../../model/kinds/locker-item';
import { turnsDrum } from '../../model/kinds/servo/servo';
import { stopsLikely, type Finding } from '../../judgement/findings/finding';
import type { PartKind, PartSpec } from '../../model/kinds/part-spec';
import type { LoadForm } from '../../model/kinds/load/load';
import type { Build } from '../../model/plan/build';
import type { FunctionRole, ModelFunction } from '../../model/plan/model-function';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { berthFit } from '../../judgement/rules/berth-fit';
import { starterLocker } from '../../model/starter/starter-locker';
import { fitCombination, type FittedCombination } from './fit-combination';
import type { Cost } from './objectives';
import { placeExchanged } from './place-exchanged';
import type { Candidate, MatchProblem, Role, Screen } from './role';
import { rolesOf, seeded, type RoleChoice } from './roles';
import { lastsLongEnough, runMinutesOf } from './run-minutes';
import { usualMinutes } from '../trial/run-time';
import { jointsOf, screensOf } from './screens';
import { listens } from './screens/pack-volts';
import { searchFront, type Combination, type Searched } from './search';
import { conflictOf, nearMisses, type NearMiss } from './conflict';

/** One step of a margin ladder: what is left of one limit. */
interface Margin {
  words: string;
  /** Share of the limit. */
  left: number;
}

/** A choice of parts that fits, wired and checked. */
export interface Offer {
  /** Part ids by the first fitting of each open role. */
  parts: Record<string, string>;
  roles: { role: string; name: string; count: number; part: PartSpec; isChanged: boolean; volts?: number }[];
  money: number;
  kilograms: number;
  margin: number;
  runMinutes: number;
  joints: number;
  /** Findings to mind, and figures that nobody knows, once it is wired. */
  minds: number;
  unknowns: number;
  /** What is left to plug in by hand, and why. */
  left: readonly string[];
  /** What is not on the shelf. */
  buy: { part: PartSpec; count: number; price?: number }[];
  /** Smallest first. */
  ladder: Margin[];
  /** What makes it of the build as it is now. */
  edits: Edit[];
  build: Build;
}

export interface MatchResult {
  offers: Offer[];
  searched: Searched & { front: number; tried: number };
  /** Where nothing fits: the smallest set of things that cannot all be had, in words. */
  conflict: string[];
  /** What comes nearest then. */
  misses: NearMiss[];
  /** Roles that have nothing to choose from. */
  empty: string[];
  /** What stops the choices that passed every limit, most often first, where none can be offered. */
  refusals: string[];
}

export interface MatchTask extends RoleChoice {
  /** Offers wanted at most. */
  most: number;
  moneyLimit?: number | undefined;
  /** Minutes that the pack must last under way. */
  leastMinutes?: number | undefined;
}

export interface MatchControl {
  /** @param share of the work that is done, 0 to 1. @returns whether to go on */
  onProgress?: (share: number) => boolean;
}

/** Share of the work that the search is, before the wiring of what it found. */
const searchShare = 0.6;

/** Choices that are wired and checked for each offer that is wanted, at most. */
const triesPerOffer = 4;

/**
 * What fits together: searches the front of all choices for the open roles, then wires and checks what stands on it, spread
 * over the front, and offers what carries no stop.
 * @returns nothing where it was stopped
 */
export function matchBuild(
  build: Build,
  items: readonly LockerItem[],
  task: MatchTask,
  control: MatchControl = {},
): MatchResult | undefined {
  const locker = items.map(({ part }) => part);
  const start = seeded(build, usualPart);
  const roles = rolesOf(start, items, task);
  const problem = problemOf(start.build, locker, roles, task);
  const found = searchFront(problem, {
    onProgress: (share) => control.onProgress?.(searchShare * share) !== false,
  });
  if (!found) return undefined;
  const empty = roles.filter(({ candidates }) => candidates.length === 0).map(({ name }) => name);
  // A part that lay without room before is no reason against a choice.
  const stood = new Set(
    checkBuild(start.build, locker).findings.flatMap(({ id, rule }) =>
      rule === berthFit.meta.id ? [id] : [],
    ),
  );
  const offers: Offer[] = [];
  // What leaves something to plug in by hand is offered where nothing else is.
  const unfinished: [Combination, Sound][] = [];
  const stops = new Map<string, number>();
  const refuse = (text: string) => stops.set(text, (stops.get(text) ?? 0) + 1);
  const take = (combination: Combination, fitted: Sound) => {
    const offer = offerOf(problem, combination, [...start.edits, ...fitted.edits], fitted);
    if (offer.runMinutes < (task.leastMinutes ?? 0)) refuse(`The pack lasts ${offer.runMinutes} min`);
    else offers.push(offer);
  };
  const order = spreadOut(found.front);
  let tried = 0;
  for (const combination of order.slice(0, triesPerOffer * task.most)) {
    if (offers.length >= task.most) break;
    if (control.onProgress?.(searchShare + ((1 - searchShare) * offers.length) / task.most) === false)
      return undefined;
    tried += 1;
    const fitted = sound(start.build, roles, combination, locker, stood);
    if ('refusals' in fitted) {
      for (const text of new Set(fitted.refusals)) refuse(text);
      continue;
    }
    if (fitted.unsolved.length > 0) unfinished.push([combination, fitted]);
    else take(combination, fitted);
  }
  if (offers.length === 0)
    for (const [combination, fitted] of unfinished.slice(0, task.most)) take(combination, fitted);
  const conflict = found.front.length === 0 && empty.length === 0 ? conflictOf(problem) : [];
  return {
    offers,
    searched: { ...found.searched, front: found.front.length, tried },
    conflict,
    misses: nearMisses(problem, conflict),
    empty,
    refusals:
      offers.length > 0
        ? []
        : [...stops]
            .sort(([, a], [, b]) => b - a)
            .slice(0, mostRefusals)
            .map(([text]) => text),
  };
}

/** Refusals that are told, at most. */
const mostRefusals = 3;

/** What a check says of a combination without a stop. */
interface Sound extends FittedCombination {
  minds: number;
  unknowns: number;
}

/**
 * What rules a choice out: a stop, or what usual figures make one, and in the Space well one that tells of a part
 * without room. What does not reach or does not balance there is for the Berths, and no reason against a part.
 */
const vetoes = (finding: Finding): boolean =>
  stopsLikely(finding) && (finding.well !== 'space' || finding.rule === berthFit.meta.id);

/** A combination put in and wired without a stop: beside the leads that stand, or else all anew. */
function sound(
  build: Build,
  roles: readonly Role[],
  { parts }: Combination,
  locker: readonly PartSpec[],
  stood: ReadonlySet<string>,
): Sound | { refusals: string[] } {
  let unfinished: Sound | undefined;
  const refusals: string[] = [];
  // Where every part may change, little of the wiring stands: all anew is quicker.
  const isAllOpen = roles.every(({ isOpen }) => isOpen);
  for (const isAnew of isAllOpen ? [true, false] : [false, true]) {
    const wired = fitCombination(build, roles, parts, locker, isAnew);
    const moves = placeExchanged(build, wired.build);
    const fitted = { ...wired, build: applyEdits(wired.build, moves), edits: [...wired.edits, ...moves] };
    const { findings, unknowns } = checkBuild(fitted.build, locker);
    const vetoed = findings.filter((finding) => vetoes(finding) && !stood.has(finding.id));
    if (vetoed.length > 0) {
      refusals.push(...vetoed.map(({ text }) => text));
      continue;
    }
    const whole = {
      ...fitted,
      minds: findings.filter(({ severity }) => severity === 'mind').length,
      // What hangs on a guess is no better than what is not known.
      unknowns: unknowns.length + findings.filter(({ severity }) => severity === 'open').length,
    };
    if (wired.unsolved.length === 0) return whole;
    unfinished ??= whole;
  }
  return unfinished ?? { refusals };
}

/** Loads that serve a function, by its role. */
const loadForms: Partial<Record<FunctionRole, LoadForm>> = { lights: 'lamps', sound: 'horn', pump: 'pump' };

/** A part of each kind to begin with: any is exchanged for what is chosen, of the form that its function wants. */
const usualPart = (kind: PartKind, serves?: ModelFunction): PartSpec | undefined =>
  starterLocker.find(
    (part) =>
      part.kind === kind &&
      (part.kind !== 'servo' || turnsDrum(part) === (serves !== undefined && hauls(serves.id))) &&
      (part.kind !== 'load' || !serves || (part.form === loadForms[serves.role] && listens(part))),
  );

/** What a build's roles have to meet. */
export function problemOf(
  build: Build,
  locker: readonly PartSpec[],
  roles: Role[],
  { moneyLimit, leastMinutes }: Pick<MatchTask, 'moneyLimit' | 'leastMinutes'> = {},
): MatchProblem {
  const context = readingOf(build, locker);
  const runMinutes = runMinutesOf(context, roles);
  return {
    roles,
    // What stands already is for the check to judge, not for a choice.
    screens: [
      ...screensOf(context, roles).map((screen) => asGoodAsNow(screen, roles)),
      ...(leastMinutes === undefined ? [] : [lastsLongEnough(runMinutes, leastMinutes)]),
    ].filter((screen) => screen.roles.some((n) => roles[n]!.isOpen)),
    joints: jointsOf(roles),
    runMinutes,
    moneyLimit: moneyLimit ?? build.brief.moneyLimit,
  };
}

/** A wish that the parts which stand there do not meet refuses none that comes as near to it. */
function asGoodAsNow(screen: Screen, roles: readonly Role[]): Screen {
  if (!screen.isWish || screen.roles.some((n) => roles[n]!.isNew)) return screen;
  const now = screen.margin(roles.map(({ now }) => now));
  if (now === undefined || now >= 0) return screen;
  return {
    ...screen,
    margin: (assignment) => {
      const own = screen.margin(assignment);
      return own !== undefined && own < 0 && own >= now ? 0 : own;
    },
  };
}

/** The front with what is best in one thing first, then whatever lies farthest from those before. */
function spreadOut(front: readonly Combination[]): Combination[] {
  const left = [...front].sort((a, b) => compare(a.cost, b.cost));
  if (left.length === 0) return [];
  const scale = left[0]!.cost.map((_, k) => {
    const values = left.map(({ cost }) => cost[k]!);
    return Math.max(Math.max(...values) - Math.min(...values), 1);
  });
  const away = (a: Cost, b: Cost) =>
    a.reduce((sum, value, k) => sum + Math.abs(value - b[k]!) / scale[k]!, 0);
  const chosen: Combination[] = [];
  const takeBest = (by: (combination: Combination) => number) => {
    const best = left.reduce((a, b) => (by(b) < by(a) ? b : a));
    chosen.push(best);
    left.splice(left.indexOf(best), 1);
  };
  // Fair in everything first, margins before all, then the best margin, the least money, the lightest.
  takeBest(({ cost }) => cost.reduce((sum, value, k) => sum + ((k === 2 ? 2 : 1) * value) / scale[k]!, 0));
  for (const k of [2, 0, 1]) if (left.length > 0) takeBest(({ cost }) => cost[k]!);
  while (left.length > 0) takeBest(({ cost }) => -Math.min(...chosen.map((other) => away(cost, other.cost))));
  return chosen;
}

const compare = (a: Cost, b: Cost): number => {
  for (let n = 0; n < a.length; n += 1) if (a[n] !== b[n]) return a[n]! - b[n]!;
  return 0;
};

function offerOf(
  problem: MatchProblem,
  combination: Combination,
  edits: Edit[],
  { build, minds, unknowns, unsolved }: Sound,
): Offer {
  const { parts, cost, margin } = combination;
  const open = problem.roles.flatMap((role, n) => (role.isOpen ? [{ role, candidate: parts[n]! }] : []));
  const bought = new Map<string, { candidate: Candidate; count: number }>();
  for (const { role, candidate } of open) {
    if (candidate.isOwned) continue;
    const known = bought.get(candidate.part.id);
    bought.set(candidate.part.id, { candidate, count: (known?.count ?? 0) + role.fittings.length });
  }
  return {
    parts: Object.fromEntries(open.map(({ role, candidate }) => [role.id, candidate.part.id])),
    roles: open.map(({ role, candidate }) => ({
      role: role.id,
      name: role.name,
      count: role.fittings.length,
      part: candidate.part,
      isChanged: role.isNew || edits.some((edit) => edit.type === 'swapPart' && edit.fitting === role.id),
      ...(candidate.railVolts !== undefined && { volts: candidate.railVolts }),
    })),
    money: open.reduce((sum, { role, candidate }) => sum + candidate.money * role.fittings.length, 0),
    kilograms: problem.roles.reduce((sum, { fittings }, n) => sum + fittings.length * parts[n]!.kilograms, 0),
    margin,
    runMinutes: Math.round(usualMinutes(readingOf(build, [])) ?? problem.runMinutes.minutes(parts)),
    joints: cost[4],
    minds,
    unknowns,
    left: unsolved,
    buy: [...bought.values()].map(({ candidate, count }) => ({
      part: candidate.part,
      count,
      ...(candidate.isPriced && { price: candidate.money }),
    })),
    ladder: problem.screens
      .flatMap((screen) => {
        const left = screen.isMargin ? screen.margin(parts) : undefined;
        return left === undefined ? [] : [{ words: screen.words, left }];
      })
      .sort((a, b) => a.left - b.left),
    edits,
    build,
  };
}
