import { partKinds, type PartKind, type PartSpec } from '../../model/kinds/part-spec';
import { fitPart } from '../../reading/brief/fit-part';
import { servingKinds } from '../../reading/brief/function-presets';
import { readingOf } from '../../reading/build-reading/reading';
import { kinds, terminalsOf } from '../../model/kinds';
import type { LockerItem } from '../../model/kinds/locker-item';
import { carrierId } from '../../model/fitting/component-id';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import type { ModelFunction } from '../../model/plan/model-function';
import { BuildIndex } from '../../model/plan/build-index';
import { isOfSameForm } from '../../judgement/put-right/swap-part';
import { kilogramsOfPart } from '../../model/kinds/kilograms';
import { listens } from './screens/pack-volts';
import type { Candidate, Role } from './role';

/** Which parts may be offered. */
export const stocks = ['own', 'ownFirst', 'all'] as const;
export type Stock = (typeof stocks)[number];

/** Kinds that parts are chosen for; those that decide most come first. */
const chosenKinds: readonly PartKind[] = partKinds
  .filter((kind) => kinds[kind].chosen !== undefined)
  .sort((a, b) => kinds[a].chosen! - kinds[b].chosen!);

/** A build with a usual part wherever one is missing, the edits that put it there, and the fittings that they made. */
export interface Seeded {
  build: Build;
  edits: Edit[];
  added: ReadonlySet<string>;
}

/**
 * Puts a usual part into every role that is empty: functions that no part serves, a motor for each controller, and the
 * pack, receiver and transmitter where there is none.
 * @param usual a part of a kind to begin with
 */
export function seeded(
  build: Build,
  usual: (kind: PartKind, serves?: ModelFunction) => PartSpec | undefined,
): Seeded {
  let now = build;
  const edits: Edit[] = [];
  const put = (kind: PartKind | undefined, serves?: ModelFunction) => {
    const part = kind && usual(kind, serves);
    if (!part) return;
    const more = fitPart(now, part, serves);
    edits.push(...more);
    now = applyEdits(now, more);
  };
  for (const modelFunction of build.functions)
    if (modelFunction.devices.length === 0) put(servingKinds(modelFunction.role)[0], modelFunction);
  const count = (kind: PartKind) => new BuildIndex(now).ofKind(kind).length;
  for (let n = count('motor'); n < count('controller'); n += 1) put('motor');
  for (const kind of ['pack', 'receiver', 'transmitter'] as const) if (count(kind) === 0) put(kind);
  const before = new Set(build.fittings.map(({ id }) => id));
  return {
    build: now,
    edits,
    added: new Set(now.fittings.map(({ id }) => id).filter((id) => !before.has(id))),
  };
}

export interface RoleChoice {
  /** Fittings whose parts may change; all where not said. */
  open?: ReadonlySet<string>;
  stock: Stock;
}

/** The roles of a build with the parts that could stand in each. Fittings with the same part and the same work are one. */
export function rolesOf(
  { build, added }: Seeded,
  items: readonly LockerItem[],
  { open, stock }: RoleChoice,
): Role[] {
  const { index, survey } = readingOf(build, []);
  const byPart = new Map(items.map((item) => [item.part.id, item]));
  const workOf = (id: string): string =>
    build.functions.find(({ devices }) => devices.includes(id))?.role ?? '';
  // Controllers of motors that are alike are alike, whatever stands there now.
  const motorsOf = (id: string): string =>
    survey
      .motorsOf(id)
      .map(({ part }) => part.id)
      .join();
  // What sits on a board comes and goes with it.
  const isChosen = (id: string): boolean => carrierId(id) === id && (!open || open.has(id) || added.has(id));
  return chosenKinds.flatMap((kind) => {
    const groups = new Map<string, string[]>();
    for (const { fitting } of index.ofKind(kind)) {
      const isOpen = isChosen(fitting.id);
      const alike =
        (kind === 'controller' && motorsOf(fitting.id)) ||
        `${fitting.part} ${kind === 'servo' ? workOf(fitting.id) : ''}`;
      const key = `${alike} ${isOpen}`;
      groups.set(key, [...(groups.get(key) ?? []), fitting.id]);
    }
    return [...groups.values()].map((fittings): Role => {
      const [first] = fittings as [string, ...string[]];
      const { part, fitting } = index.get(first);
      const isOpen = isChosen(first);
      const here = candidateOf(part, byPart.get(part.id));
      const asSet = ({ railVolts }: Candidate): boolean =>
        railVolts === undefined ||
        fitting.regulatorVolts === undefined ||
        railVolts === fitting.regulatorVolts;
      const now = settings([here]).find(asSet);
      return {
        id: first,
        name:
          fittings.length > 1 ? `${fittings.length} ${kinds[kind].words.many.toLowerCase()}` : fitting.name,
        kind,
        fittings,
        candidates: settings(isOpen ? stocked(kind, items, stock).filter(goesLike(part)) : [here]).filter(
          (candidate) => isOpen || asSet(candidate),
        ),
        ...(now && { now }),
        isOpen,
        isNew: added.has(first),
      };
    });
  });
}

/** Whether a load is of the form of another, and hangs on a channel as it does, or does not. */
const goesLike =
  (now: PartSpec) =>
  ({ part }: Candidate): boolean =>
    now.kind !== 'load' || (isOfSameForm(part, now) && listens(part) === listens(now));

function stocked(kind: PartKind, items: readonly LockerItem[], stock: Stock): Candidate[] {
  const all = items.filter(({ part }) => part.kind === kind);
  const own = all.filter(({ state }) => state === 'own');
  const chosen = stock === 'all' || (stock === 'ownFirst' && own.length === 0) ? all : own;
  return chosen.map((item) => candidateOf(item.part, item));
}

function candidateOf(part: PartSpec, item: LockerItem | undefined): Candidate {
  const isOwned = item?.state === 'own';
  return {
    part,
    money: isOwned ? 0 : (item?.price ?? 0),
    isPriced: isOwned || item?.price !== undefined,
    isOwned,
    kilograms: kilogramsOfPart(part),
  };
}

/** A candidate for each voltage that its regulator can be set to. */
const settings = (candidates: readonly Candidate[]): Candidate[] =>
  candidates.flatMap((candidate) => {
    const volts = terminalsOf(candidate.part).gives?.regulator?.voltsChoices;
    return volts ? volts.map((railVolts) => ({ ...candidate, railVolts })) : [candidate];
  });
