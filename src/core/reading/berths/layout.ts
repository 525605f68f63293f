import type { Build } from '../../model/plan/build';
import type { Berth } from '../../model/plan/model-inside';
import type { Spot } from '../../model/fitting/spot';
import type { Placement } from '../../model/fitting/placement';
import type { Lead } from '../../model/plan/lead';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { balanceOf, type Balance } from './balance';
import { boxAt, boxFrom, middleOf, type Box } from './box';
import { exitSide, roomBefore } from './exits';
import type { Side } from '../../model/kinds/body';
import { insideOf, type Inside } from './inside';
import { needsPlace } from './lead-runs';
import { LeadRoutes, type Route } from './lead-routes';
import { sizeOfPart, type PartSize } from '../../model/kinds/part-size';

/** A part that lies in the model. */
export interface Laid {
  fitted: Fitted;
  place: Placement;
  size: PartSize;
  box: Box;
  /** The berth that its middle lies in. */
  berth: Berth | undefined;
}

/** A side of a part that must stay free, and how deep. */
export interface Clearance {
  side: Side;
  metres: number;
}

/** What lies where in a model, read once: rooms, parts, the ways of leads, and what it weighs. */
export class Layout {
  readonly inside: Inside | undefined;
  readonly laid: readonly Laid[];
  /** Parts that have to lie somewhere and do not yet. */
  readonly loose: readonly Fitted[];
  private readonly byId: ReadonlyMap<string, Laid>;
  private routesKnown: LeadRoutes | undefined;
  private balanceKnown: Balance | undefined;

  constructor(readonly index: BuildIndex) {
    this.inside = insideOf(index.build);
    const { inside } = this;
    const pieces = inside ? index.pieces().filter(needsPlace) : [];
    this.loose = pieces.filter(({ fitting }) => !fitting.place);
    this.laid = pieces.flatMap((fitted) =>
      inside && fitted.fitting.place ? [lay(inside, fitted, fitted.fitting.place)] : [],
    );
    this.byId = new Map(this.laid.map((each) => [each.fitted.fitting.id, each]));
  }

  get build(): Build {
    return this.index.build;
  }

  laidAt(fittingId: string): Laid | undefined {
    return this.byId.get(fittingId);
  }

  /** The way of every run whose ends are known. */
  get routes(): readonly Route[] {
    return this.leadRoutes.all;
  }

  /** Metres of a lead as it would lie, slack included; `undefined` where its way is not known. */
  metresOf(lead: Lead): number | undefined {
    return this.inside && this.laid.length > 0 ? this.leadRoutes.metresOf(lead.id) : undefined;
  }

  /** Where the joint of several leads is taken to hang. */
  jointAt(fittingId: string): Spot | undefined {
    return this.leadRoutes.jointAt(fittingId);
  }

  /** What it weighs and where; `undefined` without an inside. */
  get balance(): Balance | undefined {
    return this.inside && (this.balanceKnown ??= balanceOf(this.inside, this.laid, this.loose));
  }

  /** Sides of a part that leads leave by, and how much room they need there. */
  clearances({ fitting, part }: Fitted): Clearance[] {
    const deep = new Map<Side, number>();
    for (const port of part.ports) {
      if (!this.index.leadAt({ fitting: fitting.id, port: port.id })) continue;
      const side = exitSide(part, port);
      deep.set(side, Math.max(deep.get(side) ?? 0, roomBefore(part, port)));
    }
    return [...deep].map(([side, metres]) => ({ side, metres }));
  }

  private get leadRoutes(): LeadRoutes {
    return (this.routesKnown ??= new LeadRoutes(this.index, this.inside?.passages ?? [], (id) =>
      this.laidAt(id),
    ));
  }
}

/** A part as it lies at a place. */
export function lay(inside: Inside, fitted: Fitted, place: Placement): Laid {
  const size = sizeOfPart(fitted.part);
  const box = boxAt(size, place);
  return { fitted, place, size, box, berth: berthAt(inside, middleOf(box)) };
}

/** The smallest berth that a place is in. */
export function berthAt({ berths }: Pick<Inside, 'berths'>, { x, y, z }: Spot): Berth | undefined {
  const within = berths.filter((berth) => {
    const box = boxFrom(berth);
    return x >= box.x[0] && x <= box.x[1] && y >= box.y[0] && y <= box.y[1] && z >= box.z[0] && z <= box.z[1];
  });
  const size = ({ long, wide, high }: Berth) => long * wide * high;
  return within.sort((a, b) => size(a) - size(b))[0];
}
