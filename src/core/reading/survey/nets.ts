import type { BuildIndex } from '../../model/plan/build-index';
import { isJoined, type Conductor, type Lead } from '../../model/plan/lead';

/** An electrical node: all nets that whole conductors join. */
export type NodeId = number;

/** A net inside one part. */
interface PartNet {
  fitting: string;
  net: string;
}

/**
 * Which nets are one electrical node, traced through the actual conductors: a lifted wire joins nothing,
 * a turned plug joins what it joins.
 */
export class Nets {
  private readonly parent: number[] = [];
  private readonly numbers = new Map<string, Map<string, number>>();

  constructor(private readonly index: BuildIndex) {
    for (const { fitting, part } of index.all()) {
      for (const port of part.ports)
        for (const pin of port.pins) this.number({ fitting: fitting.id, net: pin.net });
    }
    for (const lead of index.build.leads) {
      for (const conductor of lead.conductors) {
        if (!isJoined(conductor)) continue;
        const [from, to] = conductorNets(index, lead, conductor);
        if (from && to) this.join(this.number(from), this.number(to));
      }
    }
  }

  /** The node of a part's net; every net has one, joined to others or not. */
  node(fittingId: string, net: string): NodeId {
    return this.root(this.number({ fitting: fittingId, net }));
  }

  private number(of: PartNet): number {
    const { fitting, net } = this.index.onBoard(of.fitting, of.net);
    let ofPart = this.numbers.get(fitting);
    if (!ofPart) this.numbers.set(fitting, (ofPart = new Map<string, number>()));
    const known = ofPart.get(net);
    if (known !== undefined) return known;
    const next = this.parent.length;
    ofPart.set(net, next);
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
): [PartNet | undefined, PartNet | undefined] {
  const at = (end: 'from' | 'to') => {
    const pin = index.port(lead[end]).pins.find((pinSpec) => pinSpec.name === conductor[end]);
    return pin && { fitting: lead[end].fitting, net: pin.net };
  };
  return [at('from'), at('to')];
}
