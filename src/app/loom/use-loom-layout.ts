import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { elkGraph } from '../../core/loom/elk-graph';
import { foldGroups } from '../../core/loom/fold';
import { placeLoom, type LoomLayout } from '../../core/loom/loom-layout';
import { loomGroups, type LoomGroup } from '../../core/loom/loom-groups';
import { loomModel } from '../../core/loom/loom-model';
import { layoutLoom } from '../../workers/layout-loom';
import { keepPositions, keptPositions } from './kept-layout';
import { useCheck } from '../state/use-check';

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
  const whole = useMemo(() => loomModel(context), [context]);
  const groups = useMemo(() => loomGroups(context, whole), [context, whole]);
  const model = useMemo(
    () =>
      foldGroups(
        whole,
        groups.filter(({ id }) => folded.includes(id)),
      ),
    [whole, groups, folded],
  );
  const { pictureOrder } = context.build;
  const graph = useMemo(() => elkGraph(model, pictureOrder), [model, pictureOrder]);
  const positions = useQuery({
    queryKey: ['loom-layout', graph],
    queryFn: async () => {
      const laid = await layoutLoom(graph);
      keepPositions(graph, laid);
      return laid;
    },
    initialData: () => keptPositions(graph),
    placeholderData: keepPreviousData,
  });
  const layout = useMemo(() => positions.data && placeLoom(model, positions.data), [model, positions.data]);
  return { layout, groups, failure: positions.error };
}
