import { useQuery, useQueryClient } from '@tanstack/react-query';
import { proxy } from 'comlink';
import { useMemo, useState } from 'react';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import type { MatchResult, MatchTask } from '../../core/desk/match/match-build';
import type { Build } from '../../core/model/plan/build';
import { liveWorker } from '../../workers/trial-crew';
import { revisionOf } from '../state/revision';

interface Match {
  result: MatchResult | undefined;
  /** Share that is done, 0 to 1, while it is worked out. */
  progress: number | undefined;
  failure: string | undefined;
  callOff: () => void;
  runAgain: () => void;
}

/** What fits together for a build, worked out in the worker and kept as long as build, locker and task stay. */
export function useMatch(build: Build, items: readonly LockerItem[], task: MatchTask): Match {
  const queries = useQueryClient();
  const open = useMemo(() => (task.open ? [...task.open].sort().join() : ''), [task.open]);
  const queryKey = [
    'match',
    revisionOf(build),
    revisionOf(items),
    task.stock,
    task.moneyLimit,
    task.leastMinutes,
    open,
  ];
  const [done, setDone] = useState(0);
  const query = useQuery({
    queryKey,
    gcTime: 60_000,
    queryFn: async ({ signal }) => {
      setDone(0);
      return await liveWorker().do(
        async (jobs) => await jobs.match(build, items, task, proxy(setDone)),
        signal,
      );
    },
  });
  return {
    result: query.data,
    progress: query.isFetching ? done : undefined,
    failure: query.error?.message,
    callOff: () => void queries.cancelQueries({ queryKey }),
    runAgain: () => void query.refetch(),
  };
}
