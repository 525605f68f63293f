import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { choicesOf, type Choice, type ChoicePoint } from '../../core/desk/trial/choice-bench';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import { choiceRun } from '../../workers/trial-crew';
import { useBuild } from '../state/shown-build';
import { revisionOf } from '../state/revision';

/** What can be chosen on the open build, and what the outing makes of each value of one choice. */
export function useChoices(task: TrialTask, asked: Choice | undefined, moreCells: number) {
  const build = useBuild();
  const ranges = useMemo(() => choicesOf(build), [build]);
  const range = ranges.find(({ choice }) => choice === asked) ?? ranges[0];
  const queryKey = ['choice', revisionOf(build), task, range?.choice, moreCells];
  const [partial, setPartial] = useState<{ key: string; points: readonly ChoicePoint[] }>();
  const key = JSON.stringify(queryKey);
  const query = useQuery({
    queryKey,
    enabled: range !== undefined,
    gcTime: 20_000,
    queryFn: ({ signal }) =>
      choiceRun({ build, task, choice: range!.choice, values: range!.values, moreCells }, signal, (points) =>
        setPartial({ key, points }),
      ),
  });
  const points = query.data ?? (partial?.key === key ? partial.points : []);
  return { ranges, range, points, isRunning: query.isFetching, failure: query.error?.message };
}
