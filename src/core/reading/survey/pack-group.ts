import type { Chemistry } from '../../model/packs/chemistry';
import { packVolts } from '../../model/packs/pack-volts';
import { nameList } from '../../base/words/sentences';
import type { Fitted } from '../../model/kinds/fitted';
import type { NodeId, Nets } from './nets';
import { byState, type VoltsByState } from '../../model/packs/pack-state';

/** The packs that stand between two nodes together: one, several in series, in parallel, or both. */
export interface PackGroup {
  /** Ids of its packs, joined by `+`. */
  id: string;
  /** How a person says it: `the tow pack`, `the front pack and the rear pack`. */
  name: string;
  packs: readonly Fitted<'pack'>[];
  /** Cells in series. */
  cells: number;
  /** `undefined` where packs of different chemistry are in it. */
  chemistry: Chemistry | undefined;
  /** Open-circuit volts. */
  volts: VoltsByState;
  /** Packs that stand side by side with a given one, itself among them. */
  besides: (pack: Fitted<'pack'>) => readonly Fitted<'pack'>[];
}

/** Most ways that are followed; a plan with more of them is not a model's. */
const mostWays = 64;

interface Step {
  pack: Fitted<'pack'>;
  plus: NodeId;
  minus: NodeId;
}

/** Finds which packs stand between two nodes of a build. */
export class PackGroups {
  private readonly steps: readonly Step[];
  private readonly known = new Map<string, PackGroup | undefined>();

  constructor(packs: readonly Fitted<'pack'>[], nets: Nets) {
    this.steps = packs.map((pack) => ({
      pack,
      plus: nets.node(pack.fitting.id, 'plus'),
      minus: nets.node(pack.fitting.id, 'minus'),
    }));
  }

  /** The packs that lead from `minus` up to `plus`; `undefined` where none do. */
  between(plus: NodeId, minus: NodeId): PackGroup | undefined {
    const key = `${plus}/${minus}`;
    if (!this.known.has(key)) this.known.set(key, this.find(plus, minus));
    return this.known.get(key);
  }

  private find(plus: NodeId, minus: NodeId): PackGroup | undefined {
    const ways = this.waysUp(minus, plus, []);
    const [way] = ways;
    if (!way) return undefined;
    const packs = [...new Set(ways.flat().map((step) => step.pack))];
    const chemistries = new Set(packs.map((pack) => pack.part.chemistry));
    return {
      id: packs.map((pack) => pack.fitting.id).join('+'),
      name: nameList(packs.map((pack) => `the ${pack.fitting.name}`)),
      packs,
      cells: way.reduce((sum, step) => sum + step.pack.part.cells, 0),
      chemistry: chemistries.size === 1 ? packs[0]!.part.chemistry : undefined,
      volts: byState((state) => way.reduce((sum, step) => sum + packVolts(step.pack.part, state), 0)),
      besides: (pack) => {
        const here = this.steps.find((step) => step.pack === pack);
        return this.steps
          .filter((step) => step.plus === here?.plus && step.minus === here.minus)
          .map((step) => step.pack);
      },
    };
  }

  private waysUp(from: NodeId, to: NodeId, been: readonly Step[]): Step[][] {
    const ways: Step[][] = [];
    for (const step of this.steps) {
      const isKnown = step.plus === from || been.some((past) => past.minus === step.plus);
      if (step.minus !== from || isKnown || ways.length >= mostWays) continue;
      const way = [...been, step];
      if (step.plus === to) ways.push(way);
      else ways.push(...this.waysUp(step.plus, to, way));
    }
    return ways;
  }
}
