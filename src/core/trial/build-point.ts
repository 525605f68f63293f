import type { Device } from '../network/device';
import type { Element } from '../network/devices';
import { operatingPoint, type NoOperatingPoint } from '../network/operating-point';
import { networkOf } from '../network/reference-form';
import type { Network } from '../network/network';
import { failure, success, type Result } from '../result';
import type { CheckContext } from '../rules/rule';
import { buildElements, type BuildElements } from './build-elements';
import type { Conditions } from './conditions';
import { Estimates } from './estimates';

/** A build at rest under some conditions: the volts of every net, the amps of every part and wire. */
export class BuildPoint {
  private readonly devices: Map<string, Device>;

  constructor(
    readonly build: BuildElements,
    private readonly network: Network,
    private readonly x: Float64Array,
    /** The attempt of the solver that got there. */
    readonly attempt: string,
  ) {
    this.devices = new Map(network.devices.map((one) => [one.id, one]));
  }

  get elements(): readonly Element[] {
    return this.build.elements;
  }

  /** Volts of a part's net against ground; `undefined` for a net that carries no power. */
  volts(fitting: string, net: string): number | undefined {
    const name = this.build.names.node(fitting, net);
    if (name === 'gnd') return 0;
    const index = this.network.indexOf(name);
    return index === undefined ? undefined : this.x[index];
  }

  /** Volts across two nets of a part. */
  across(fitting: string, plus: string, minus: string): number | undefined {
    const [a, b] = [this.volts(fitting, plus), this.volts(fitting, minus)];
    return a === undefined || b === undefined ? undefined : a - b;
  }

  /** Amps that a part takes, a source gives or a wire carries; `undefined` for an id that is not in the sum. */
  amps(id: string): number | undefined {
    return this.devices.get(id)?.amps(this.x, 0);
  }

  /** Volts of every node, ground left out. */
  nodeVolts(): Map<string, number> {
    return new Map(this.network.nodeNames().map((name) => [name, this.x[this.network.indexOf(name)!]!]));
  }
}

/** Solves a build at rest. @returns the point, or the part of the wiring that would not settle */
export function buildPoint(
  context: CheckContext,
  conditions: Conditions,
  estimates = new Estimates(),
): Result<BuildPoint, NoOperatingPoint> {
  const build = buildElements(context, conditions, estimates);
  const network = networkOf(build.elements, true);
  const found = operatingPoint(network);
  if (!found.ok) return failure(found.problem);
  return success(new BuildPoint(build, network, found.value.x, found.value.attempt));
}
