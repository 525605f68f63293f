import { trialJobs } from '../src/workers/trial-jobs';
import { checkContext } from '../src/core/check/check-context';
import { outingsOf } from '../src/core/trial/outings';
import { estimatesOf } from '../src/core/trial/tolerance';
import { usualTask } from '../src/core/trial/trial-task';
import { demo } from './bench-trial';

/** Some of the runs of the tug's sixty-second outing. @returns how many could be followed */
export function toleranceWork(from: number, count: number): number {
  const build = demo('harbour-tug');
  const outing = outingsOf(build).find((one) => one.seconds === 60)!;
  const task = usualTask(outing);
  const estimates = estimatesOf(checkContext(build, []), task);
  return trialJobs.samples(build, task, estimates, 1, from, count).length;
}
