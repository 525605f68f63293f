import type { BuildIndex } from './build-index';
import type { Conductor, Lead } from './lead';

/** An electrical node: all nets that whole conductors join. */
export type NodeId = number;

/**
 * Which nets are one electrical node, traced through the actual conductors: a lifted wire joins nothing,
 * a turned plug joins what it joins.
 */
export class Nets {
  private readonly parent: number[] = [];
  private readonly numbers = new Map<string, number>();

  constructor(index: BuildIndex) {
    for (const { fitting, part } of index.all()) {
      for (const port of part.ports) for (const pin of port.pins) this.number(netKey(fitting.id, pin.net));
    }
    for (const lead of index.build.leads) {
      for (const conductor of lead.conductors) {
        if (conductor.state !== 'whole') continue;
        const [from, to] = conductorNets(index, lead, conductor);
        if (from && to) this.join(this.number(from), this.number(to));
      }
    }
  }

  /** The node of a part's net; every net has one, joined to others or not. */
  node(fittingId: string, net: string): NodeId {
    return this.root(this.number(netKey(fittingId, net)));
  }

  private number(key: string): number {
    const known = this.numbers.get(key);
    if (known !== undefined) return known;
    const next = this.parent.length;
    this.numbers.set(key, next);
    this.parent.push(next);
    return next;
  }

  private root(of: number): number {
    let at = of;
    for (let up = this.parent[at]!; up !== at; up = this.parent[at]!) {
      this.parent[at] = this.parent[up]!;
      at = up;
    }
    return at;
  }

  private join(a: number, b: number): void {
    this.parent[this.root(a)] = this.root(b);
  }
}

/** The nets at both ends of a conductor; `undefined` for a contact that the port does not have. */
function conductorNets(
  index: BuildIndex,
  lead: Lead,
  conductor: Conductor,
): [string | undefined, string | undefined] {
  const at = (end: 'from' | 'to') => {
    const pin = index.port(lead[end]).pins.find((one) => one.name === conductor[end]);
    return pin && netKey(lead[end].fitting, pin.net);
  };
  return [at('from'), at('to')];
}

const netKey = (fittingId: string, net: string): string => `${fittingId}/${net}`;
