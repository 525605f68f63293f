import { carrierId } from '../../model/fitting/component-id';
import type { BuildIndex } from '../../model/plan/build-index';
import { shortestWay } from '../../reading/survey/shortest-way';
import type { Subject } from '../../judgement/findings/finding';

/** Parts and leads that a finding is about. */
export interface Focus {
  nodes: ReadonlySet<string>;
  leads: ReadonlySet<string>;
}

/** The parts a finding names, and the leads on the shortest ways between them. */
export function focusOf(index: BuildIndex, subjects: readonly Subject[]): Focus {
  const functions = new Map(index.build.functions.map((modelFunction) => [modelFunction.id, modelFunction]));
  const nodes = new Set<string>();
  const leads = new Set<string>();
  for (const { kind, id } of subjects) {
    if (kind === 'lead') leads.add(id);
    else if (kind === 'fitting') nodes.add(carrierId(id));
    else for (const device of functions.get(id)?.devices ?? []) nodes.add(carrierId(device));
  }
  // A rule that names the leads knows better than the shortest way.
  if (leads.size > 0) return { nodes, leads };
  const [first, ...others] = [...nodes].filter((id) => index.has(id));
  if (first !== undefined)
    for (const other of others) for (const lead of shortestWay(index, first, other)) leads.add(lead.id);
  return { nodes, leads };
}
