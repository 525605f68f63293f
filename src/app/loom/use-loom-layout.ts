import { keepPreviousData, replaceEqualDeep, useQuery } from '@tanstack/react-query';
import type { Reading } from '../../core/reading/build-reading/reading';
import { elkGraph, type ElkGraph } from '../../core/desk/loom/elk-graph';
import { foldGroups } from '../../core/desk/loom/fold';
import { placeLoom, type LoomLayout } from '../../core/desk/loom/loom-layout';
import { loomGroups, type LoomGroup } from '../../core/desk/loom/loom-groups';
import { loomModel, type LoomModel } from '../../core/desk/loom/loom-model';
import { remembered } from '../../core/base/remembered';
import { layoutLoom } from '../../workers/layout-loom';
import { keepPositions, keptPositions } from '../state/kept-layout';
import { useCheck } from '../state/use-check';

/** What is drawn of a build with some groups folded, by their ids, a line each: several parts of the screen ask for it. */
const pictureOf = remembered((context: Reading, folded: string) => {
  const whole = loomModel(context);
  const groups = loomGroups(context, whole);
  const ids = new Set(folded.split('\n'));
  const model = foldGroups(
    whole,
    groups.filter(({ id }) => ids.has(id)),
  );
  const graph = elkGraph(model, context.build.pictureOrder);
  return { groups, model, graph, key: JSON.stringify(graph) };
});

let last: LoomLayout | undefined;

/** A picture, with all that is as it was in the last one being the same objects: only the rest is drawn again. */
const placed = remembered((model: LoomModel, positions: ElkGraph): LoomLayout => {
  const next = placeLoom(model, positions);
  return (last = last === undefined ? next : replaceEqualDeep(last, next));
});

/**
 * The wiring picture of the open build. Positions are asked of the worker only when boxes, ports or leads
 * changed; the rest is put onto the positions there are.
 * @param folded ids of the groups that are drawn as one box each
 */
export function useLoomLayout(folded: readonly string[] = []): {
  layout: LoomLayout | undefined;
  /** What can be folded. */
  groups: readonly LoomGroup[];
  failure: Error | null;
} {
  const { context } = useCheck();
  const { groups, model, graph, key } = pictureOf(context, folded.join('\n'));
  const positions = useQuery({
    queryKey: ['loom-layout', key],
    queryFn: async () => {
      const laid = await layoutLoom(graph);
      keepPositions(graph, laid);
      return laid;
    },
    initialData: () => keptPositions(graph),
    placeholderData: keepPreviousData,
  });
  const layout = positions.data && placed(model, positions.data);
  return { layout, groups, failure: positions.error };
}
