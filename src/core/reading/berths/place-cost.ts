import { kindOfAny } from '../../model/kinds';
import { kilogramsOfPart } from '../../model/kinds/kilograms';
import type { FixedPoint } from '../../model/plan/model-inside';
import { turnsDrum } from '../../model/kinds/servo/servo';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { antennaEnd, antennaLacks, antennaToBox, clearOfPower, shadesAntenna } from './antenna';
import { balanceOf } from './balance';
import { distance, middleOf, overlap } from './box';
import { exitSide, exitSpot, roomBox } from './exits';
import { blockedBy, missingRoom, reachesOut } from './fit';
import type { Inside } from './inside';
import { isHull } from './inside-sizes';
import type { Clearance, Laid } from './layout';
import { runMetres } from './lead-length';
import { hangsOnLeads, leadRuns } from './lead-runs';
import { slack } from './lead-routes';
import { frontShares } from './on-wheels';
import { PassageGraph, type Anchor } from './passage-graph';

/** What speaks for one place and against another. */
export const placeReasons = [
  'fits',
  'plugs',
  'water',
  'air',
  'hand',
  'point',
  'reach',
  'antenna',
  'balance',
] as const;
export type PlaceReason = (typeof placeReasons)[number];
export type PlaceCosts = Record<PlaceReason, number>;

/** What a thing that is wrong weighs against a millimetre of lead: our own, so that what cannot work comes last. */
const weights = {
  fits: 4000,
  plugs: 400,
  crowd: 8,
  wet: 300,
  unaired: 150,
  outOfHand: 400,
  point: 3,
  turned: 200,
  lead: 0.12,
  short: 30,
  antenna: 12,
  off: 25,
} as const;

/** Two parts that are plugged together, straight or over a joint of leads. */
interface Tie {
  a: string;
  b: string;
  aPort: string | undefined;
  bPort: string | undefined;
  has: number | undefined;
  weight: number;
}

const millimetres = 1000;

/** What places cost in one model, part by part, with the others where they are. Lower is better; all in millimetres of a kind. */
export class PlaceCost {
  private readonly ties = new Map<string, Tie[]>();
  private readonly graph: PassageGraph;
  private readonly points: ReadonlyMap<string, FixedPoint>;
  private readonly clearances = new Map<string, Clearance[]>();

  constructor(
    index: BuildIndex,
    readonly inside: Inside,
    private readonly clearancesOf: (fitted: Fitted) => Clearance[],
  ) {
    this.graph = new PassageGraph(inside.passages);
    for (const tie of ties(index)) {
      for (const id of [tie.a, tie.b]) this.ties.set(id, [...(this.ties.get(id) ?? []), tie]);
    }
    this.points = pointsOfParts(index, inside);
  }

  /** The point of the model that a part belongs to, where there is one. */
  pointOf(fittingId: string): FixedPoint | undefined {
    return this.points.get(fittingId);
  }

  /**
   * What stands against a part at places, one after another; `undefined` where it does not fit there at all and that
   * alone costs more than it may. @param others the parts that lie already, without it
   */
  among(fitted: Fitted, others: readonly Laid[]): (laid: Laid, most: number) => PlaceCosts | undefined {
    const { inside } = this;
    const { id } = fitted.fitting;
    const { part, kind } = fitted;
    const clearances = this.clearancesAt(fitted);
    // Room that the plugs of the others want.
    const rooms = others.flatMap((other) =>
      this.clearancesAt(other.fitted).map(({ side, metres }) =>
        roomBox(other.box, side, other.place.turn, metres),
      ),
    );
    const mayBeWet = inside.wetLine > 0 && kindOfAny(part).isDelicate && part.protection !== 'sealed';
    const isSwitch = part.kind === 'cable' && part.form === 'switch';
    const point = this.points.get(id);
    const reach = this.reaches(fitted, others);
    const antenna = this.antennas(fitted, others);
    const balance = this.balances(fitted, others);
    return (laid, most) => {
      const { box, berth, place } = laid;
      let inWay = reachesOut(inside, laid);
      for (const other of others) inWay += Math.max(0, overlap(box, other.box));
      for (const { metres } of blockedBy(inside, box)) inWay += metres;
      const fits = weights.fits * millimetres * inWay;
      if (fits > most) return undefined;
      const isWet = mayBeWet && place.z < inside.wetLine && place.isBoxed !== true;
      let plugs = 0;
      for (const clearance of clearances) plugs += missingRoom(inside, laid, clearance, others)?.metres ?? 0;
      for (const room of rooms) plugs += Math.max(0, overlap(box, room));
      let crowd = 0;
      for (const other of others) crowd += Math.max(0, fingers - distance(box, other.box));
      const middle = middleOf(box);
      return {
        fits,
        plugs: millimetres * (weights.plugs * plugs + weights.crowd * crowd),
        water: isWet ? weights.wet + (inside.wetLine - place.z) * millimetres : 0,
        air: kind === 'controller' && berth?.isAired === false ? weights.unaired : 0,
        hand: isSwitch && berth?.isReached === false ? weights.outOfHand : 0,
        point:
          point === undefined
            ? 0
            : weights.point * millimetres * Math.hypot(point.x - middle.x, point.y - middle.y) +
              (isShaftForward(inside, kind, place) ? weights.turned : 0),
        reach: reach(laid),
        antenna: antenna(laid),
        balance: balance(laid),
      };
    };
  }

  private clearancesAt(fitted: Fitted): Clearance[] {
    const { id } = fitted.fitting;
    const known = this.clearances.get(id) ?? this.clearancesOf(fitted);
    this.clearances.set(id, known);
    return known;
  }

  private reaches({ fitting }: Fitted, others: readonly Laid[]): (laid: Laid) => number {
    const { id } = fitting;
    const far = (this.ties.get(id) ?? []).flatMap((tie) => {
      const [otherId, ownPort, otherPort] =
        tie.a === id ? [tie.b, tie.aPort, tie.bPort] : [tie.a, tie.bPort, tie.aPort];
      const other = others.find(({ fitted }) => fitted.fitting.id === otherId);
      return other ? [{ anchor: anchorOf(other, otherPort), ownPort, ...tie }] : [];
    });
    return (laid) => {
      let cost = 0;
      for (const { anchor, ownPort, has, weight } of far) {
        const way = this.graph.way(anchorOf(laid, ownPort), anchor);
        const needed = (way?.metres ?? noWay) * (1 + slack) * millimetres;
        const short = has === undefined ? 0 : Math.max(0, needed - has * millimetres);
        cost += weight * (weights.lead * needed + weights.short * short);
      }
      return cost;
    };
  }

  private antennas({ kind }: Fitted, others: readonly Laid[]): (laid: Laid) => number {
    const { inside } = this;
    const isReceiver = kind === 'receiver';
    if (!isReceiver && !shadesAntenna(kind)) return () => 0;
    const near = others.filter(({ fitted }) =>
      isReceiver ? shadesAntenna(fitted.kind) : fitted.kind === 'receiver',
    );
    return (laid) => {
      let metres = isReceiver ? Math.max(0, antennaLacks(inside, laid.box)) : 0;
      for (const other of near) {
        const [receiver, power] = isReceiver ? [laid, other] : [other, laid];
        const gap = antennaToBox(antennaEnd(inside, receiver.box), power.box);
        metres += Math.max(0, clearOfPower + 0.005 - gap);
      }
      return weights.antenna * millimetres * metres;
    };
  }

  /** What is left of balance with the part here: how far the centre of mass lies off. Packs are what one levels a model with. */
  private balances(fitted: Fitted, others: readonly Laid[]): (laid: Laid) => number {
    const { inside } = this;
    const kilograms = kilogramsOfPart(fitted.part);
    const share = kilograms / Math.max(inside.kilograms, 1e-9);
    const low = millimetres * share * lowWeighs;
    if (fitted.kind !== 'pack' && share < least) return ({ place }) => place.z * low;
    const { kilograms: rest, at } = balanceOf(inside, others, [fitted]);
    const target = wantedX(inside);
    const weight = weights.off * millimetres * (fitted.kind === 'pack' ? 1 : 0.2);
    return ({ box, place }) => {
      const middle = middleOf(box);
      const all = rest + kilograms;
      const x = (rest * at.x + kilograms * middle.x) / all;
      const y = (rest * at.y + kilograms * middle.y) / all;
      return weight * (Math.abs(x - target) + Math.abs(y)) + place.z * low;
    };
  }
}

/** A motor of a boat drives aft. */
const isShaftForward = (inside: Inside, kind: Fitted['kind'], { turn }: Laid['place']): boolean =>
  kind === 'motor' && isHull(inside.form) && turn !== 180;

/** Metres between parts for a finger, and for tape. */
const fingers = 0.01;

/** Metres that a way counts as where there is none. */
const noWay = 5;
/** Share of the model's mass from which on a part matters for its balance, and how much its height does. */
const least = 0.03;
const lowWeighs = 20;

function anchorOf({ fitted, box, place, berth }: Laid, portId: string | undefined): Anchor {
  const port = fitted.part.ports.find(({ id }) => id === portId);
  const spot = port ? exitSpot(box, exitSide(fitted.part, port), place.turn) : middleOf(box);
  return { spot, berth: berth?.id };
}

/** Where along a model its centre of mass should lie. */
function wantedX(inside: Inside): number {
  if (isHull(inside.form)) return inside.length / 2;
  const [least, most] = frontShares[inside.form];
  return (inside.length - inside.wheelbase) / 2 + inside.wheelbase * ((least + most) / 2);
}

/** Which parts are plugged together; parts on one joint of leads are all tied to each other. */
function ties(index: BuildIndex): Tie[] {
  const runs = leadRuns(index);
  const isJoint = (id: string) => hangsOnLeads(index.get(id));
  const straight = runs.filter(({ from, to }) => !isJoint(from.fitting) && !isJoint(to.fitting));
  const joints = new Set(runs.flatMap(({ from, to }) => [from.fitting, to.fitting]).filter(isJoint));
  const over = [...joints].flatMap((joint): Tie[] => {
    const ends = runs.flatMap((run) => {
      const [near, far] = run.from.fitting === joint ? [run.from, run.to] : [run.to, run.from];
      return near.fitting === joint && !isJoint(far.fitting) ? [{ far, has: runMetres(index, run) }] : [];
    });
    return ends.flatMap((a, n) =>
      ends.slice(n + 1).map((b) => ({
        a: a.far.fitting,
        b: b.far.fitting,
        aPort: a.far.port,
        bPort: b.far.port,
        has: a.has === undefined || b.has === undefined ? undefined : a.has + b.has,
        weight: 1 / Math.max(1, ends.length - 1),
      })),
    );
  });
  return [
    ...straight.map((run) => ({
      a: run.from.fitting,
      b: run.to.fitting,
      aPort: run.from.port,
      bPort: run.to.port,
      has: runMetres(index, run),
      weight: 1,
    })),
    ...over,
  ];
}

/** Motors go to their shafts, steering servos to their posts, winches to their sheets: those of a side by their names. */
function pointsOfParts(index: BuildIndex, { points }: Inside): Map<string, FixedPoint> {
  const { functions } = index.build;
  const found = new Map<string, FixedPoint>();
  const steering = new Set(
    functions.filter(({ role }) => role === 'steer').flatMap(({ devices }) => devices),
  );
  const wanting: Record<FixedPoint['takes'], readonly Fitted[]> = {
    motor: index.ofKind('motor'),
    steering: index.ofKind('servo').filter(({ fitting }) => steering.has(fitting.id)),
    sheet: index
      .ofKind('servo')
      .filter(({ fitting, part }) => turnsDrum(part) || /sail|sheet/i.test(fitting.name)),
  };
  for (const takes of Object.keys(wanting) as FixedPoint['takes'][]) {
    const free = points.filter((point) => point.takes === takes);
    for (const { fitting } of wanting[takes]) {
      const side = ['port', 'starboard'].find((word) => new RegExp(`\\b${word}\\b`, 'i').test(fitting.name));
      const at = Math.max(
        0,
        free.findIndex(({ name }) => side !== undefined && name.startsWith(side)),
      );
      const [point] = free.splice(at, 1);
      if (point) found.set(fitting.id, point);
    }
  }
  return found;
}
