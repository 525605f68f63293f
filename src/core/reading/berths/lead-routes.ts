import type { PortRef } from '../../model/plan/lead';
import type { Passage } from '../../model/plan/model-inside';
import type { Spot } from '../../model/fitting/spot';
import { exitSide, exitSpot } from './exits';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Placement } from '../../model/fitting/placement';
import type { Box } from './box';
import { ownMetres, runMetres, usualMetres } from './lead-length';
import { hangsOnLeads, leadRuns, type LeadRun } from './lead-runs';
import { PassageGraph, type Anchor, type Way } from './passage-graph';

/** What a lead is longer than its way, so that it need not be stretched: usual. */
export const slack = 0.15;

/** A run as it would lie. */
export interface Route {
  run: LeadRun;
  way: Way;
  /** From end to end, by way of its passages. */
  spots: Spot[];
  /** Metres that it needs, slack included. */
  needed: number;
  /** Metres that it has, where all its leads were measured or told. */
  has: number | undefined;
  /** Metres that such leads usually have, where nobody measured them. */
  usual: number;
}

/** Where a part lies, as far as its leads go. */
interface Lying {
  place: Placement;
  box: Box;
  berth: { id: string } | undefined;
}

/** Whether a lead that was measured does not go its way; what is less than half a millimetre is no matter. */
export const isShort = ({ has, needed }: Route): boolean => has !== undefined && has < needed - 0.0005;

/** How much longer than usual a way is before a lead that nobody measured is doubted. */
const doubtful = 1.2;

/** Whether a run that nobody measured has a longer way than such leads usually reach. */
export const isDoubtful = ({ has, needed, usual }: Route): boolean =>
  has === undefined && needed > usual * doubtful;

/** The ways of all runs whose ends lie somewhere, or hang where they reach best. */
export class LeadRoutes {
  readonly all: Route[];
  private readonly graph: PassageGraph;
  private readonly joints = new Map<string, Anchor>();
  private readonly metres = new Map<string, number>();

  private readonly runs: readonly LeadRun[];

  constructor(
    private readonly index: BuildIndex,
    private readonly passages: readonly Passage[],
    private readonly laidAt: (fittingId: string) => Lying | undefined,
  ) {
    this.runs = leadRuns(index);
    this.graph = new PassageGraph(passages);
    this.hangJoints();
    this.all = this.runs.flatMap((run) => this.route(run) ?? []);
    for (const route of this.all) this.share(route);
  }

  metresOf(leadId: string): number | undefined {
    return this.metres.get(leadId);
  }

  jointAt(fittingId: string): Spot | undefined {
    return this.joints.get(fittingId)?.spot;
  }

  private route(run: LeadRun): Route | undefined {
    const [from, to] = [this.anchor(run.from), this.anchor(run.to)];
    const way = from && to && this.graph.way(from, to);
    if (!way) return undefined;
    return {
      run,
      way,
      spots: [from.spot, ...way.passages.map(({ x, y, z }) => ({ x, y, z })), to.spot],
      needed: way.metres * (1 + slack),
      has: runMetres(this.index, run),
      usual: usualMetres(this.index, run),
    };
  }

  /** Gives each lead of a route its part of the way: what was measured is so long, the others share the rest. */
  private share({ run, needed }: Route): void {
    const { index } = this;
    const own = run.leads.map((lead) => ownMetres(index, lead)?.value);
    const open = own.filter((metres) => metres === undefined).length;
    const known = own.reduce((sum: number, metres) => sum + (metres ?? 0), 0);
    const rest = Math.max(needed - known, leastMetres * open) / Math.max(open, 1);
    for (const [n, lead] of run.leads.entries()) this.metres.set(lead.id, own[n] ?? rest);
  }

  private anchor(ref: PortRef): Anchor | undefined {
    const laid = this.laidAt(ref.fitting);
    if (!laid) return this.joints.get(ref.fitting);
    const side = exitSide(this.index.get(ref.fitting).part, this.index.port(ref));
    return { spot: exitSpot(laid.box, side, laid.place.turn), berth: laid.berth?.id };
  }

  /** Where Y-leads and harnesses hang: at the end or passage from which their leads fall least short. */
  private hangJoints(): void {
    const { runs, index, passages } = this;
    const joints = new Set(
      runs
        .flatMap(({ from, to }) => [from.fitting, to.fitting])
        .filter((id) => hangsOnLeads(index.get(id)) && index.leadsOf(id).length > 1),
    );
    // What hangs on a joint that hangs on parts is found in a second round.
    for (const round of [1, 2])
      for (const id of joints) {
        const mine = runs.filter(({ from, to }) => from.fitting === id || to.fitting === id);
        const ends = mine.flatMap((run) => {
          const far = this.anchor(run.from.fitting === id ? run.to : run.from);
          return far ? [{ far, has: runMetres(index, run) }] : [];
        });
        if (ends.length === 0 || (round === 2 && this.joints.has(id))) continue;
        const candidates: Anchor[] = [
          ...ends.map(({ far }) => far),
          ...passages.map((passage) => atPassage(passage)),
          middle(ends.map(({ far }) => far)),
        ];
        const cost = (at: Anchor) =>
          ends.reduce((sum, { far, has }) => {
            const metres = (this.graph.way(at, far)?.metres ?? farAway) * (1 + slack);
            return sum + metres + (has === undefined ? 0 : Math.max(0, metres - has) * shortWeighs);
          }, 0);
        const [best] = candidates.map((at) => ({ at, cost: cost(at) })).sort((a, b) => a.cost - b.cost);
        if (best) this.joints.set(id, best.at);
      }
  }
}

/** Least length of a lead that nobody measured, in metres. */
const leastMetres = 0.03;
/** What a way that is not there counts as, in metres, and how much more a metre that is missing counts. */
const farAway = 100;
const shortWeighs = 20;

/** A joint in a hole lies in both rooms; it is counted to the first. */
const atPassage = ({ x, y, z, from }: Passage): Anchor => ({ spot: { x, y, z }, berth: from });

function middle(ends: readonly Anchor[]): Anchor {
  const mean = (axis: 'x' | 'y' | 'z') => ends.reduce((sum, { spot }) => sum + spot[axis], 0) / ends.length;
  return { spot: { x: mean('x'), y: mean('y'), z: mean('z') }, berth: ends[0]?.berth };
}
