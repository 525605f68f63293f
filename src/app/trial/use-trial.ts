import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Build } from '../../core/model/plan/build';
import type { TrialResult } from '../../core/desk/trial/trial-result';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import type { ToleranceResult } from '../../core/desk/trial/tolerance';
import { liveWorker, toleranceRun } from '../../workers/trial-crew';
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

/** Runs of the bands that are always drawn; *How sure* asks for more. */
const bandRuns = 24;

/** The same draws for everybody, so that a figure stays where it is. */
export const toleranceSeed = 1;

/** Where many runs of an outing are kept. */
export const toleranceKey = (build: Build, task: TrialTask) =>
  ['tolerance', revisionOf(build), task] as const;

/** What some runs with each estimate of a result varied came to; *How sure*'s, where those were asked for. */
export function useSpread(
  build: Build,
  task: TrialTask,
  { result, isStale }: Trial,
): ToleranceResult | undefined {
  const estimates = result?.estimates ?? [];
  const many = useQuery<ToleranceResult>({ queryKey: toleranceKey(build, task), enabled: false });
  const few = useQuery({
    queryKey: ['bands', revisionOf(build), task],
    enabled: !isStale && estimates.length > 0,
    queryFn: ({ signal }) =>
      toleranceRun({ build, task, estimates, runs: bandRuns, seed: toleranceSeed }, signal, () => undefined),
    gcTime: 20_000,
  });
  return many.data ?? few.data;
}
