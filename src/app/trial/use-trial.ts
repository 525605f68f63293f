import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Build } from '../../core/model/plan/build';
import type { TrialResult } from '../../core/desk/trial/trial-result';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import { liveWorker } from '../../workers/trial-crew';
import { revisionOf } from '../state/revision';

export interface Trial {
  result: TrialResult | undefined;
  /** Another is being worked out; what is shown is the last one. */
  isStale: boolean;
  failure: string | undefined;
  /** It is being worked out. */
  isRunning: boolean;
  /** It was called off, and nothing of it is there. */
  isCalledOff: boolean;
  callOff: () => void;
  runAgain: () => void;
}

/** Takes a build through an outing in the worker, and keeps the result as long as both stay the same. */
export function useTrial(build: Build | undefined, task: TrialTask): Trial {
  const queries = useQueryClient();
  const queryKey = ['trial', build && revisionOf(build), task];
  const query = useQuery({
    queryKey,
    queryFn: async ({ signal }) => {
      const run = await liveWorker().do(async (jobs) => await jobs.run(build!, task), signal);
      if (run.ok) return run.value;
      const { problem } = run;
      throw new Error(
        problem.reason === 'stopped'
          ? 'stopped'
          : `${problem.at} does not settle at ${problem.seconds.toFixed(2)} s`,
      );
    },
    enabled: build !== undefined,
    placeholderData: keepPreviousData,
    gcTime: 20_000,
  });
  return {
    result: build && query.data,
    isStale: query.isPlaceholderData,
    failure: query.error?.message,
    isRunning: query.isFetching,
    isCalledOff:
      build !== undefined && !query.isFetching && !query.error && (!query.data || query.isPlaceholderData),
    callOff: () => void queries.cancelQueries({ queryKey }),
    runAgain: () => void query.refetch(),
  };
}
