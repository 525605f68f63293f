import { parseJson } from '../core/model/file/parse-json';
import { problemText } from '../core/base/validation/problem';
import { operatingPoint } from '../core/physics/network/operating-point';
import { networkOf, readNetworkCase, type NetworkCase } from '../core/physics/network/reference-form';
import { failure, success, type Result } from '../core/base/result';
import { solveCourse } from '../core/physics/transient/transient-case';

/** `hull network`: what a network of elements does, for the nodes it probes or all of them, as JSON text. */
export function networkCommand(text: string): Result<string, string> {
  const data = parseJson(text);
  if (!data.ok) return failure(problemText(data.problem));
  const read = readNetworkCase(data.value);
  if (!read.ok) return failure(`${read.problem.where}: ${read.problem.why}`);
  const stray = strayProbe(read.value);
  if (stray !== undefined) return failure(`probe: no node "${stray}"`);
  const solved = solve(read.value);
  return solved.ok ? success(`${JSON.stringify(solved.value, null, 2)}\n`) : solved;
}

function solve(networkCase: NetworkCase): Result<object, string> {
  const { analysis } = networkCase;
  if (analysis.kind === 'transient') {
    const course = solveCourse({ ...networkCase, analysis });
    if (course.ok) return success(course.value.figures);
    const { reason, at, seconds } = course.problem;
    return failure(`${reason} at ${at}, ${seconds.toFixed(4)} s`);
  }
  const network = networkOf(networkCase.elements, true);
  const found = operatingPoint(network);
  if (!found.ok) return failure(`${found.problem.reason} at ${found.problem.at}`);
  const wanted = networkCase.probe?.map(({ node }) => node) ?? network.nodeNames();
  return success(Object.fromEntries(wanted.map((node) => [node, found.value.x[network.indexOf(node) ?? 0]])));
}

function strayProbe({ elements, probe, analysis }: NetworkCase): string | undefined {
  const network = networkOf(elements, analysis.kind === 'operatingPoint');
  return probe?.find(({ node }) => network.indexOf(node) === undefined)?.node;
}
