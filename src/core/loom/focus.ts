import type { BuildIndex } from '../build/build-index';
import type { Subject } from '../check/finding';

/** Parts and leads that a finding is about. */
export interface Focus {
  nodes: ReadonlySet<string>;
  leads: ReadonlySet<string>;
}

/** The parts a finding names, and the leads on the shortest ways between them. */
export function focusOf(index: BuildIndex, subjects: readonly Subject[]): Focus {
  const functions = new Map(index.build.functions.map((one) => [one.id, one]));
  const nodes = new Set<string>();
  const leads = new Set<string>();
  for (const { kind, id } of subjects) {
    if (kind === 'lead') leads.add(id);
    else if (kind === 'fitting') nodes.add(id);
    else for (const device of functions.get(id)?.devices ?? []) nodes.add(device);
  }
  // A rule that names the leads knows better than the shortest way.
  if (leads.size > 0) return { nodes, leads };
  const [first, ...others] = [...nodes].filter((id) => index.has(id));
  if (first !== undefined)
    for (const other of others) for (const lead of shortestWay(index, first, other)) leads.add(lead);
  return { nodes, leads };
}

/** Ids of the leads on the shortest way between two fittings; empty where there is none. */
function shortestWay(index: BuildIndex, from: string, to: string): string[] {
  const cameBy = new Map<string, { lead: string; before: string } | undefined>([[from, undefined]]);
  const queue = [from];
  for (let here = queue.shift(); here !== undefined && here !== to; here = queue.shift()) {
    for (const lead of index.leadsOf(here)) {
      for (const { fitting } of [lead.from, lead.to]) {
        if (cameBy.has(fitting)) continue;
        cameBy.set(fitting, { lead: lead.id, before: here });
        queue.push(fitting);
      }
    }
  }
  const way: string[] = [];
  for (let step = cameBy.get(to); step; step = cameBy.get(step.before)) way.push(step.lead);
  return way;
}
