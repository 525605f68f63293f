import { releaseProxy, wrap, type Remote } from 'comlink';
import type { Build } from '../core/plan/build';
import type { EstimatedFigure } from '../core/circuit/estimates';
import { summarise, type ToleranceResult, type ToleranceSample } from '../core/trial/tolerance';
import type { TrialTask } from '../core/trial/trial-task';
import type { TrialJobs } from './trial-jobs';

/** Workers that share a tolerance run; the first also does what is asked live. */
const crewSize = 2;

/** Runs a worker does before it is asked again: small, so that progress shows and cancelling is quick. */
const batch = 5;

const crew: Remote<TrialJobs>[] = [];

function worker(n: number): Remote<TrialJobs> {
  crew[n] ??= wrap<TrialJobs>(
    new Worker(new URL('./trial.worker.ts', import.meta.url), { type: 'module', name: `trial ${n + 1}` }),
  );
  return crew[n];
}

/** The worker for what is looked at now. */
export const liveWorker = (): Remote<TrialJobs> => worker(0);

export interface ToleranceTask {
  build: Build;
  task: TrialTask;
  estimates: readonly EstimatedFigure[];
  runs: number;
  seed: number;
}

/** Shares the runs among the crew. @param signal ends it between two batches; what was done is then lost */
export async function toleranceRun(
  { build, task, estimates, runs, seed }: ToleranceTask,
  signal: AbortSignal,
  onProgress: (done: number) => void,
): Promise<ToleranceResult> {
  // By batch, so that who was faster changes nothing.
  const batches: ToleranceSample[][] = [];
  let next = 0;
  let done = 0;
  const work = async (n: number) => {
    const share = await worker(n).tolerance(build, task, estimates, seed);
    try {
      while (next < runs) {
        signal.throwIfAborted();
        const from = next;
        const count = Math.min(batch, runs - from);
        next += count;
        batches[from / batch] = await share.samples(from, count);
        done += count;
        onProgress(done);
      }
    } finally {
      share[releaseProxy]();
    }
  };
  await Promise.all(Array.from({ length: crewSize }, (_, n) => work(n)));
  signal.throwIfAborted();
  return summarise(batches.flat(), estimates);
}
