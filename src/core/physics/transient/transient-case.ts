import { networkOf, type NetworkCase, type Probe } from '../network/reference-form';
import { failure, success, type Result } from '../../base/result';
import type { CourseEnd, CourseTrouble } from './course';
import { integrate } from './integrate';
import { CourseProbe, type CourseFigures } from './probe-course';

/** What was asked of a network's course, and how many steps it took. */
export interface SolvedCourse {
  figures: Record<string, CourseFigures>;
  end: CourseEnd;
}

/** Finer than usual: peaks of small swings are asked for to a hundredth. */
const caseLooseness = 0.3;

/** Follows a network through time from everything at zero, and reports what its probes name, or every node. */
export function solveCourse(
  networkCase: NetworkCase & { analysis: { kind: 'transient' } },
  looseness = caseLooseness,
): Result<SolvedCourse, CourseTrouble> {
  const { seconds } = networkCase.analysis;
  const network = networkOf(networkCase.elements, false);
  const wanted: readonly Probe[] = networkCase.probe ?? network.nodeNames().map((node) => ({ node }));
  const probes = wanted.map(({ node, after = 0, below }) => ({
    node,
    index: network.indexOf(node) ?? 0,
    probe: new CourseProbe(seconds, after, below),
  }));
  for (const { probe } of probes) probe.add(0, 0);
  const run = integrate(network, {
    seconds,
    mostStep: seconds / 20,
    looseness,
    onStep: (time, x) => {
      for (const { index, probe } of probes) probe.add(time, x[index]!);
      return 'go on';
    },
  });
  if (!run.ok) return failure(run.problem);
  return success({
    figures: Object.fromEntries(probes.map(({ node, probe }) => [node, probe.figures()])),
    end: run.value,
  });
}
