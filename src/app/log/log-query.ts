import { keepPreviousData, useQuery, type UseQueryResult } from '@tanstack/react-query';
import type { Calibration, TakenReading } from '../../core/bench/calibration/calibrate';
import type { Build } from '../../core/model/plan/build';
import type { LogEntry } from '../../core/model/plan/log-entry';
import type { Result } from '../../core/base/result';
import { outingsOf } from '../../core/desk/trial/outings';
import { usualTask, type TrialTask } from '../../core/desk/trial/trial-task';
import { liveWorker } from '../../workers/trial-crew';
import { useBuild } from '../state/shown-build';
import { revisionOf } from '../state/revision';

/** The outing that an entry is held against, in the air of that day. */
export function taskOf(build: Build, { outing, air }: Pick<LogEntry, 'outing' | 'air'>): TrialTask {
  const outings = outingsOf(build);
  const task = usualTask(outings.find(({ id }) => id === outing) ?? outings[0]!);
  return air === undefined ? task : { ...task, air };
}

/** What the plan says that would have been read on that day. */
export function useForetold(
  task: TrialTask,
  whats: readonly string[],
): UseQueryResult<ReadonlyMap<string, number>> {
  const build = useBuild();
  return useQuery({
    queryKey: ['foretold', revisionOf(build), task, whats.join(' ')],
    queryFn: ({ signal }) => liveWorker().do(async (jobs) => await jobs.foretell(build, task, whats), signal),
    placeholderData: keepPreviousData,
    enabled: whats.length > 0,
  });
}

/** What readings make of the estimates of the open build. */
export function useCalibration(
  task: TrialTask,
  readings: readonly TakenReading[],
): UseQueryResult<Result<Calibration, string>> {
  const build = useBuild();
  return useQuery({
    queryKey: ['calibration', revisionOf(build), task, readings],
    queryFn: ({ signal }) =>
      liveWorker().do(
        async (jobs) => await jobs.calibrate(build, task, readings, new Date().toISOString()),
        signal,
      ),
    staleTime: Infinity,
    gcTime: 0,
  });
}
