import { LRUCache } from 'lru-cache';
import type { Element } from '../../physics/network/devices';
import type { Network } from '../../physics/network/network';
import { operatingPoint, type NoOperatingPoint } from '../../physics/network/operating-point';
import { networkOf } from '../../physics/network/reference-form';
import { failure, success, type Result } from '../../base/result';
import type { BuildElements } from './build-elements';
import { BuildPoint } from './build-point';

/** A network, and the parts it was last tuned to. */
interface Tuned {
  readonly network: Network;
  parts: readonly Element[];
}

/** Networks of the wirings looked at lately. Most edits leave the wiring as it is, and change figures that can be tuned. */
const lately = new LRUCache<string, Tuned>({ max: 16 });

const tunable: ReadonlySet<Element['kind']> = new Set(['buck', 'linear', 'servo']);

/** What of a part lies in its network for good: its names where it can be tuned, otherwise all of it. */
const fixedIn = (element: Element): string =>
  tunable.has(element.kind)
    ? Object.values(element)
        .filter((value) => typeof value === 'string')
        .join(' ')
    : JSON.stringify(element);

/** Volts and inner ohms of a pack can be tuned; whether it has a second resistance, and its curve, lie in the network. */
function fixedInSource(element: Element): string {
  if (element.kind !== 'source' || element.openVolts) return fixedIn(element);
  return `source ${element.id} ${element.node} ${element.to} ${element.r1 ? 'r1' : ''}`;
}

/**
 * Solves a build at rest, moment after moment. Moments in which the same parts take part share one network, and so do
 * checks of builds that are wired alike.
 */
export class RestingNetwork {
  /** By the parts that take part. */
  private readonly byShape = new Map<string, Tuned>();

  /** @param wires those of the build, the same in every moment */
  constructor(private readonly wires: readonly Element[]) {}

  /** @returns the point, or the part of the wiring that would not settle */
  solve(build: BuildElements): Result<BuildPoint, NoOperatingPoint> {
    const { elements } = build;
    const parts = elements.slice(0, elements.length - this.wires.length);
    const shape = parts.map((element) => `${element.kind} ${element.id}`).join();
    const tuned = this.byShape.get(shape) ?? wiredAlike(elements, parts);
    this.byShape.set(shape, tuned);
    const { network, parts: before } = tuned;
    for (let n = 0; n < parts.length; n += 1)
      if (parts[n] !== before[n]) network.devices[n]!.retune?.(parts[n]!);
    tuned.parts = parts;
    const found = operatingPoint(network);
    return found.ok ? success(new BuildPoint(build, network, found.value.x)) : failure(found.problem);
  }
}

function wiredAlike(elements: readonly Element[], parts: readonly Element[]): Tuned {
  const key = elements.map(fixedInSource).join('\n');
  const known = lately.get(key);
  if (known) return known;
  const tuned = { network: networkOf(elements, true), parts };
  lately.set(key, tuned);
  return tuned;
}
