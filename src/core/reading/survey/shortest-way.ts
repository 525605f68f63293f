import type { BuildIndex } from '../../model/plan/build-index';
import type { Lead } from '../../model/plan/lead';

/** The leads on the shortest way between two fittings, from the far one back; empty where there is none. */
export function shortestWay(index: BuildIndex, from: string, to: string): Lead[] {
  const cameBy = new Map<string, { lead: Lead; before: string } | undefined>([[from, undefined]]);
  const queue = [from];
  for (let here = queue.shift(); here !== undefined && here !== to; here = queue.shift()) {
    for (const lead of index.leadsOf(here)) {
      for (const { fitting } of [lead.from, lead.to]) {
        if (cameBy.has(fitting)) continue;
        cameBy.set(fitting, { lead, before: here });
        queue.push(fitting);
      }
    }
  }
  const way: Lead[] = [];
  for (let step = cameBy.get(to); step; step = cameBy.get(step.before)) way.push(step.lead);
  return way;
}
