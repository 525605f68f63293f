import { readingOf } from '../src/core/reading/build-reading/reading';
import { outingsOf } from '../src/core/desk/trial/outings';
import { estimatesOf, toleranceSample } from '../src/core/desk/trial/tolerance';
import { usualTask } from '../src/core/desk/trial/trial-task';
import { demo } from './bench-trial';

/** Some of the runs of the tug's sixty-second outing. @returns how many could be followed */
export function toleranceWork(from: number, count: number): number {
  const build = demo('harbour-tug');
  const outing = outingsOf(build).find((candidate) => candidate.seconds === 60)!;
  const task = usualTask(outing);
  const context = readingOf(build, []);
  const estimates = estimatesOf(context, task);
  return Array.from({ length: count }, (_, n) =>
    toleranceSample(context, task, estimates, 1, from + n),
  ).filter((candidate) => candidate !== undefined).length;
}
