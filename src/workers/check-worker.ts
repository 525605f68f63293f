import type { CheckJobs } from './check-jobs';
import { Lifeline } from './lifeline';

/** The worker that tries put-rights and proposals. */
export const checkWorker = new Lifeline<CheckJobs>(
  () => new Worker(new URL('./check.worker.ts', import.meta.url), { type: 'module', name: 'check' }),
);
