import { bodies, bodyOf } from '../../model/kinds/bodies';
import { kindOfAny } from '../../model/kinds';
import { kilogramsOfPart } from '../../model/kinds/kilograms';
import type { Build } from '../../model/plan/build';
import type { Berth } from '../../model/plan/model-inside';
import { turns, type Placement, type Pose } from '../../model/fitting/placement';
import { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { boxAt, middleOf, overlap, sidesAs } from './box';
import { blockedBy, reachesOut } from './fit';
import type { Inside } from './inside';
import { toMillimetre } from './inside-sizes';
import { lay, Layout, type Laid } from './layout';
import { needsPlace } from './lead-runs';
import { sizeOfPart } from '../../model/kinds/part-size';
import { PlaceCost, placeReasons, type PlaceCosts, type PlaceReason } from './place-cost';

/** A part's place, and what forced it: without that, another place would have been better. */
interface Placed {
  fitting: string;
  place: Placement;
  forcedBy: PlaceReason[];
}

export interface Placing {
  placed: Placed[];
  /** Parts for which there is no room, and by how much they do not fit, in metres. */
  conflicts: { fitting: string; metres: number; with: string[] }[];
}

/** Metres between the places that are tried first, and between those around the best of them. */
const coarse = 0.025;
const finer = [0.012, 0.006, 0.003, 0.001];

const posesOf = ({ part }: Fitted): readonly Pose[] =>
  bodyOf(part).liesOnSide ? ['flat', 'side'] : ['flat'];

/**
 * Finds places for parts: those that a point of the model asks for first, then the heavy ones, each where it costs
 * least with the others where they are; then all again, until nothing moves.
 * @param which ids of the fittings to place; the others stay where they are
 * @param onDone told after each part with the share that is done
 */
export function placeParts(
  build: Build,
  which: ReadonlySet<string>,
  onDone: (share: number) => void = () => undefined,
): Placing {
  const index = new BuildIndex(build);
  const layout = new Layout(index);
  const { inside } = layout;
  if (!inside) return { placed: [], conflicts: [] };
  const cost = new PlaceCost(index, inside, (fitted) => layout.clearances(fitted));
  const wanted = index
    .pieces()
    .filter((fitted) => needsPlace(fitted) && which.has(fitted.fitting.id))
    .sort((a, b) => rank(cost, b) - rank(cost, a));
  const lying = new Map(
    layout.laid
      .filter(({ fitted }) => !which.has(fitted.fitting.id))
      .map((laid) => [laid.fitted.fitting.id, laid]),
  );
  const forced = new Map<string, PlaceReason[]>();
  // With all else in place, packs are moved once more: they level the model.
  const order = [...wanted, ...wanted, ...wanted.filter(({ kind }) => kind === 'pack')];
  for (const [n, fitted] of order.entries()) {
    const { id } = fitted.fitting;
    lying.delete(id);
    const best = bestPlace(inside, cost, fitted, [...lying.values()]);
    if (best) {
      lying.set(id, best.laid);
      forced.set(id, best.forcedBy);
    }
    onDone((n + 1) / order.length);
  }
  const all = [...lying.values()];
  const placed = wanted.flatMap(({ fitting }): Placed[] => {
    const laid = lying.get(fitting.id);
    return laid ? [{ fitting: fitting.id, place: laid.place, forcedBy: forced.get(fitting.id) ?? [] }] : [];
  });
  return { placed, conflicts: conflictsOf(inside, all, which) };
}

/** The best place for one part with the others where they are. */
export function bestPlaceFor(layout: Layout, fittingId: string): Placement | undefined {
  const { inside, index } = layout;
  if (!inside) return undefined;
  const cost = new PlaceCost(index, inside, (fitted) => layout.clearances(fitted));
  const others = layout.laid.filter(({ fitted }) => fitted.fitting.id !== fittingId);
  return bestPlace(inside, cost, index.get(fittingId), others)?.laid.place;
}

function rank(cost: PlaceCost, { fitting, part }: Fitted): number {
  return (cost.pointOf(fitting.id) ? 100 : 0) + kilogramsOfPart(part);
}

function conflictsOf(inside: Inside, all: readonly Laid[], which: ReadonlySet<string>): Placing['conflicts'] {
  return all.flatMap((laid) => {
    const { id } = laid.fitted.fitting;
    if (!which.has(id)) return [];
    const against = all.filter((other) => other !== laid && overlap(laid.box, other.box) > 1e-6);
    const obstacles = blockedBy(inside, laid.box);
    const metres = Math.max(
      reachesOut(inside, laid),
      ...against.map((other) => overlap(laid.box, other.box)),
      ...obstacles.map((each) => each.metres),
    );
    return metres > 1e-6
      ? [
          {
            fitting: id,
            metres,
            with: [
              ...against.map(({ fitted }) => fitted.fitting.name),
              ...obstacles.map(({ obstacle }) => obstacle.name),
            ],
          },
        ]
      : [];
  });
}

interface Best {
  laid: Laid;
  forcedBy: PlaceReason[];
}

const sumOf = (costs: PlaceCosts): number => placeReasons.reduce((sum, reason) => sum + costs[reason], 0);

function bestPlace(
  inside: Inside,
  cost: PlaceCost,
  fitted: Fitted,
  others: readonly Laid[],
): Best | undefined {
  const tried: { laid: Laid; costs: PlaceCosts; sum: number }[] = [];
  let best: (typeof tried)[number] | undefined;
  const costsAt = cost.among(fitted, others);
  const size = sizeOfPart(fitted.part);
  const attempt = (place: Placement, within?: Berth) => {
    const laid = within
      ? { fitted, place, size, box: boxAt(size, place), berth: within }
      : lay(inside, fitted, place);
    const costs = costsAt(laid, best?.sum ?? Infinity);
    if (!costs) return;
    const found = { laid, costs, sum: sumOf(costs) };
    tried.push(found);
    if (found.sum < (best?.sum ?? Infinity)) best = found;
  };
  const point = cost.pointOf(fitted.fitting.id);
  for (const berth of inside.berths)
    for (const place of candidates(inside, fitted, berth, coarse)) attempt(place, berth);
  if (point)
    for (const turn of turns)
      attempt({ ...keep(fitted), ...grid(point.x, point.y, point.z), turn, pose: 'flat' });
  for (const step of finer) {
    const around = best?.laid.place;
    if (!around) return undefined;
    for (const dx of [-step, 0, step])
      for (const dy of [-step, 0, step])
        attempt({ ...around, ...grid(around.x + dx, around.y + dy, around.z) });
  }
  if (!best) return undefined;
  const chosen = best;
  const forcedBy = placeReasons.filter((reason) => {
    if (reason === 'fits') return false;
    let other = chosen;
    for (const each of tried)
      if (each.sum - each.costs[reason] < other.sum - other.costs[reason] - 1) other = each;
    const [a, b] = [middleOf(chosen.laid.box), middleOf(other.laid.box)];
    return Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z) > 2 * coarse;
  });
  return { laid: chosen.laid, forcedBy };
}

/** What a part keeps when it is moved. */
function keep({ kind, fitting }: Fitted): Pick<Placement, 'hold' | 'isBoxed' | 'screwInto' | 'bossDepth'> {
  const { hold = bodies[kind].hold ?? 'tape', isBoxed, screwInto, bossDepth } = fitting.place ?? {};
  return {
    hold,
    ...(isBoxed !== undefined && { isBoxed }),
    ...(screwInto !== undefined && { screwInto }),
    ...(bossDepth !== undefined && { bossDepth }),
  };
}

const grid = (x: number, y: number, z: number) => ({
  x: toMillimetre(x),
  y: toMillimetre(y),
  z: toMillimetre(z),
});

/** Places in a berth, on its floor and over the wet line, in all directions. */
function candidates(inside: Inside, fitted: Fitted, berth: Berth, step: number): Placement[] {
  const kept = keep(fitted);
  const size = sizeOfPart(fitted.part);
  const dry = Math.ceil((inside.wetLine + 0.001) * 1000) / 1000;
  const isHigh = inside.wetLine > 0 && kindOfAny(fitted.part).isDelicate;
  return turns.flatMap((turn) =>
    posesOf(fitted).flatMap((pose) => {
      const [wideX, wideY, up] = sidesAs(size, { turn, pose });
      const xs = along(berth.x + wideX / 2, berth.x + berth.long - wideX / 2, step);
      const ys = along(berth.y + wideY / 2, berth.y + berth.wide - wideY / 2, step);
      const z = isHigh && dry > berth.z && dry + up <= berth.z + berth.high ? dry : berth.z;
      return xs.flatMap((x) => ys.map((y): Placement => ({ ...kept, ...grid(x, y, z), turn, pose })));
    }),
  );
}

/** Steps between two ends, both of them among them; the middle where there is no room for a step. */
function along(from: number, to: number, step: number): number[] {
  if (to <= from) return [(from + to) / 2];
  const count = Math.max(1, Math.ceil((to - from) / step));
  return Array.from({ length: count + 1 }, (_, n) => from + ((to - from) * n) / count);
}
