import { failure, success, type Result } from '../../base/result';
import { elementKinds, makeDevice, type Element, type ElementOfKind } from './devices';
import { elementTrouble, movingKinds } from './element-figures';
import { Network } from './network';

/** A network as a list of elements and what is asked of it: the form of the reference cases. */
export interface NetworkCase {
  name: string;
  analysis: { kind: 'operatingPoint' } | { kind: 'transient'; seconds: number; step: number };
  elements: Element[];
  probe?: Probe[];
}

/** What to report: a node or an unknown, from when on, and a threshold to time. */
export interface Probe {
  node: string;
  /** Seconds. */
  after?: number;
  /** Volts. */
  below?: number;
}

/** The network of a list of elements. */
export function networkOf(elements: readonly Element[], isStatic: boolean): Network {
  const vehicles = (id: string) =>
    elements.find((element) => element.kind === 'vehicle' && element.id === id) as
      ElementOfKind<'vehicle'> | undefined;
  return new Network(
    elements.map((element) => (wiring) => makeDevice(element, wiring, vehicles)),
    isStatic,
  );
}

/** Reads a case from parsed JSON. @returns the first thing wrong, with its place */
export function readNetworkCase(data: unknown): Result<NetworkCase, { where: string; why: string }> {
  if (!isObject(data)) return failure({ where: 'the file', why: 'must hold one JSON object' });
  const { analysis, elements, probe } = data;
  if (!isObject(analysis) || (analysis.kind !== 'operatingPoint' && analysis.kind !== 'transient'))
    return failure({ where: 'analysis.kind', why: 'must be operatingPoint or transient' });
  const { seconds } = analysis;
  if (
    analysis.kind === 'transient' &&
    !(isNumber(seconds) && seconds > 0 && isNumber(analysis.step) && analysis.step > 0)
  )
    return failure({ where: 'analysis', why: 'needs seconds and step, as numbers above 0' });
  if (!Array.isArray(elements) || elements.length === 0)
    return failure({ where: 'elements', why: 'must be a list with an element or more' });
  const other = (id: unknown): unknown =>
    (elements as unknown[]).find((candidate) => isObject(candidate) && candidate.id === id);
  const isStill = analysis.kind === 'operatingPoint';
  for (const [n, element] of elements.entries()) {
    const why = whyNot(element, isStill, other);
    if (why !== undefined) return failure({ where: `elements[${n}]`, why });
  }
  if (probe === undefined) return success(data as unknown as NetworkCase);
  if (!Array.isArray(probe) || probe.length === 0)
    return failure({ where: 'probe', why: 'must be a list with a node or more' });
  for (const [n, entry] of probe.entries()) {
    const why = probeTrouble(entry, isNumber(seconds) ? seconds : undefined);
    if (why !== undefined) return failure({ where: `probe[${n}]`, why });
  }
  return success(data as unknown as NetworkCase);
}

/** What is wrong with a probe of a case; nothing where it can be read. @param seconds of the course, where there is one */
function probeTrouble(probe: unknown, seconds: number | undefined): string | undefined {
  if (!isObject(probe) || typeof probe.node !== 'string') return 'must be an object with a node';
  const { after, below } = probe;
  if (below !== undefined && !isNumber(below)) return '"below" must be a number';
  if (after === undefined) return undefined;
  if (!isNumber(after) || after < 0) return '"after" must be a number of seconds, 0 or more';
  return seconds !== undefined && after >= seconds
    ? `"after" ${after} s leaves nothing of a course of ${seconds} s`
    : undefined;
}

function whyNot(element: unknown, isStill: boolean, other: (id: unknown) => unknown): string | undefined {
  if (!isObject(element)) return 'must be an object';
  if (typeof element.id !== 'string' || element.id === '') return 'needs an id';
  const kind = elementKinds.find((candidate) => candidate === element.kind);
  if (!kind) return `kind must be one of ${elementKinds.join(', ')}`;
  if (isStill && movingKinds.includes(kind)) return `a ${kind} stands in transient cases only`;
  return elementTrouble(kind, element, (id) => {
    const found = other(id);
    return isObject(found) ? found.kind : undefined;
  });
}

const isNumber = (data: unknown): data is number => typeof data === 'number' && Number.isFinite(data);

const isObject = (data: unknown): data is Record<string, unknown> =>
  typeof data === 'object' && data !== null && !Array.isArray(data);
