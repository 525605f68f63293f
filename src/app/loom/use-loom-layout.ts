import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { elkGraph } from '../../core/loom/elk-graph';
import { foldServed } from '../../core/loom/fold';
import { placeLoom, type LoomLayout } from '../../core/loom/loom-layout';
import { loomModel } from '../../core/loom/loom-model';
import { layoutLoom } from '../../workers/layout-loom';
import { useCheck } from '../state/use-check';

/**
 * The wiring picture of the open build. Positions are asked of the worker only when boxes, ports or leads
 * changed; the rest is put onto the positions there are.
 * @param isFolded whether what hangs on one part is drawn as one box
 */
export function useLoomLayout(isFolded = false): { layout: LoomLayout | undefined; failure: Error | null } {
  const { context } = useCheck();
  const model = useMemo(
    () => (isFolded ? foldServed(loomModel(context)) : loomModel(context)),
    [context, isFolded],
  );
  const graph = useMemo(() => elkGraph(model), [model]);
  const positions = useQuery({
    queryKey: ['loom-layout', graph],
    queryFn: () => layoutLoom(graph),
    placeholderData: keepPreviousData,
  });
  const layout = useMemo(() => positions.data && placeLoom(model, positions.data), [model, positions.data]);
  return { layout, failure: positions.error };
}
