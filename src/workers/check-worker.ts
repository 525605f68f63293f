import { wrap, type Remote } from 'comlink';
import type { CheckJobs } from './check-jobs';

let worker: Remote<CheckJobs> | undefined;

/** The worker that tries put-rights and proposals. */
export function checkWorker(): Remote<CheckJobs> {
  worker ??= wrap<CheckJobs>(
    new Worker(new URL('./check.worker.ts', import.meta.url), { type: 'module', name: 'check' }),
  );
  return worker;
}
