import { terminalsOf } from '../../model/kinds';
import { motorNets } from '../../model/parts/terminals';
import type { NodeId } from '../survey/nets';
import type { Survey } from '../survey/survey';

/** Names of the nodes of a build in its network: one for each net of a part, `gnd` at a pack's minus. */
export class NodeNames {
  private readonly grounds = new Set<string>();
  private readonly live = new Set<NodeId>();
  /** Ground nodes by second motor contact, of controllers. */
  private readonly returns = new Map<string, string>();

  /** @param survey the first pack of each part of the build that hangs together gives that part its ground */
  constructor(private readonly survey: Survey) {
    const { index, nets } = survey;
    const island = new Map<string, string>();
    const find = (id: string): string => {
      let at = id;
      for (let up = island.get(at); up !== undefined && up !== at; up = island.get(at)) at = up;
      return at;
    };
    for (const lead of index.build.leads) {
      const [a, b] = [find(lead.from.fitting), find(lead.to.fitting)];
      if (a !== b) island.set(a, b);
    }
    const grounded = new Set<string>();
    for (const { fitting } of index.ofKind('pack')) {
      const root = find(fitting.id);
      if (grounded.has(root)) continue;
      grounded.add(root);
      this.grounds.add(`${fitting.id}.minus`);
    }
    for (const { fitting, kind, part } of index.all()) {
      const { consumes, gives } = terminalsOf(part);
      for (const terminal of [...consumes, ...(gives ? [gives] : [])])
        this.live.add(nets.node(fitting.id, terminal.plus)).add(nets.node(fitting.id, terminal.minus));
      if (kind === 'motor' || kind === 'controller')
        for (const net of motorNets) this.live.add(nets.node(fitting.id, net));
      if (kind === 'controller') this.returns.set(this.own(fitting.id, 'm2'), this.own(fitting.id, 'ground'));
    }
  }

  /** A controller's second motor contact is its ground: on the average over its switching the other one moves. */
  node(fitting: string, net: string): string {
    const own = this.own(fitting, net);
    const name = this.returns.get(own) ?? own;
    return this.grounds.has(name) ? 'gnd' : name;
  }

  private own(fittingId: string, netName: string): string {
    const { fitting, net } = this.survey.index.onBoard(fittingId, netName);
    return `${fitting}.${net}`;
  }

  /** Whether current can flow in a net: some part takes, gives or passes power where it leads. */
  isLive(fitting: string, net: string): boolean {
    return this.live.has(this.survey.nets.node(fitting, net));
  }
}
