import type { Reading } from '../../reading/build-reading/reading';
import { carrierId } from '../../model/fitting/component-id';
import type { PartKind } from '../../model/kinds/part-spec';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { LoomModel } from './loom-model';

/** Parts of the wiring picture that can be drawn as one box. */
export interface LoomGroup {
  id: string;
  /** As it stands at the head of the box. */
  name: string;
  /** Ids of its parts. */
  parts: string[];
}

/** Fewest parts that are worth folding into one box. */
export const leastFolded = 2;

/** Every group that can be folded: the radio rail, each function that has several parts, what hangs on one part. */
export function loomGroups(context: Reading, model: LoomModel): LoomGroup[] {
  const groups = [...railGroup(context), ...functionGroups(context), ...hangingGroups(model)];
  const drawn = new Set(model.nodes.map(({ id }) => id));
  return groups
    .map((group) => ({ ...group, parts: group.parts.filter((id) => drawn.has(id)) }))
    .filter(({ parts }) => parts.length >= leastFolded);
}

/** The receivers, with the regulators that feed their rail and what only hangs between them. */
function railGroup({ index, survey }: Reading): LoomGroup[] {
  const feeders = survey.rails
    .filter((rail) => rail.isRadio)
    .flatMap((rail) => rail.sources.map(({ fitted }) => fitted))
    .filter(({ kind }) => kind === 'bec');
  const seeds = [...index.ofKind('receiver'), ...feeders].map(({ fitting }) => carrierId(fitting.id));
  return [
    { id: 'rail', name: 'Radio rail', parts: closed(index, seeds, ({ kind }) => betweenKinds.has(kind)) },
  ];
}

/** Kinds that a rail is made of. */
const betweenKinds: ReadonlySet<PartKind> = new Set<PartKind>(['cable', 'bec']);

/** The parts of each function, with what hangs on them alone: a drive has its controller and its motor. */
const functionGroups = ({ index, build }: Reading): LoomGroup[] =>
  build.functions.map(({ id, name, devices }) => ({
    id: `function:${id}`,
    name,
    parts: closed(
      index,
      devices.map(carrierId).filter((device) => index.has(device) && index.get(device).kind !== 'receiver'),
    ),
  }));

/** Parts, and those that are joined to nothing but them. @param mayJoin which of the latter */
function closed(
  index: BuildIndex,
  seeds: readonly string[],
  mayJoin: (fitted: Fitted) => boolean = ({ kind }) => kind !== 'pack',
): string[] {
  const inside = new Set(seeds);
  const isInside = (id: string) =>
    index.leadsOf(id).every(({ from, to }) => inside.has(from.fitting === id ? to.fitting : from.fitting));
  for (let grew = true; grew;) {
    const more = index
      .pieces()
      .filter((fitted) => mayJoin(fitted) && !inside.has(fitted.fitting.id))
      .filter(({ fitting: { id } }) => index.leadsOf(id).length > 0 && isInside(id));
    for (const { fitting } of more) inside.add(fitting.id);
    grew = more.length > 0;
  }
  return [...inside];
}

/** What hangs on one part by its only plug: servos and lamps. */
function hangingGroups(model: LoomModel): LoomGroup[] {
  const leadOf = new Map(model.leads.map((lead) => [lead.target.node, lead]));
  const hanging = new Map<string, string[]>();
  for (const { id, column, ports } of model.nodes) {
    const holder = leadOf.get(id)?.source.node;
    if (column !== 'served' || ports.length !== 1 || holder === undefined) continue;
    hanging.set(holder, [...(hanging.get(holder) ?? []), id]);
  }
  const titles = new Map(model.nodes.map(({ id, title }) => [id, title]));
  return [...hanging].map(([holder, parts]) => {
    const title = titles.get(holder) ?? holder;
    return { id: `on:${holder}`, name: `On the ${title.charAt(0).toLowerCase()}${title.slice(1)}`, parts };
  });
}
