import { failure, success, type Result } from '../../base/result';
import type { Network } from '../network/network';
import { Course, type CourseEnd, type CourseManner, type CourseTrouble } from './course';

/** What the course does after a step: goes on, goes on after something switched, or ends. */
type AfterStep = 'go on' | 'switched' | 'stop';

export interface CourseTask extends CourseManner {
  seconds: number;
  /** Times at which what drives the network bends, beyond those its devices know of. */
  breakpoints?: readonly number[];
  /** Looks at each step that was taken; `x` is the solver's own and changes with the next. */
  onStep: (time: number, x: Float64Array, step: number) => AfterStep;
}

/** Follows a network for some seconds; steps end exactly on the bends of what drives it. */
export function integrate(network: Network, task: CourseTask): Result<CourseEnd, CourseTrouble> {
  const { seconds, mostStep, onStep } = task;
  const bends = bendsOf(network, task);
  const course = new Course(network, task);
  const { end } = course;
  let bend = 0;
  while (end.time < seconds * (1 - 1e-12)) {
    while (bend < bends.length && bends[bend]! <= end.time * (1 + 1e-12)) bend += 1;
    const before = end.time;
    const trouble = course.advance(bend < bends.length ? bends[bend]! : seconds, mostStep);
    if (trouble) return failure(trouble);
    const { time } = end;
    const then = onStep(time, course.now, time - before);
    if (then === 'stop') break;
    if (then === 'switched') course.restart();
    else if (bend < bends.length && time >= bends[bend]! * (1 - 1e-12)) course.bend();
  }
  return success(end);
}

/** Bends nearer to each other are one: no step could end between them. */
const leastBend = 1e-7;

function bendsOf(network: Network, task: CourseTask): number[] {
  const all = [...(task.breakpoints ?? []), ...network.devices.flatMap((device) => device.breakpoints ?? [])];
  const bends: number[] = [];
  for (const value of all.sort((a, b) => a - b))
    if (value - (bends.at(-1) ?? 0) > leastBend && value < task.seconds - leastBend) bends.push(value);
  return bends;
}
