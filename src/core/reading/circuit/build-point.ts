import type { Element } from '../../physics/network/devices';
import { Controller } from '../../physics/network/devices/controller';
import { Regulator } from '../../physics/network/devices/regulator';
import type { Network } from '../../physics/network/network';
import type { Fitted } from '../../model/kinds/fitted';
import type { BuildElements } from './build-elements';
import { wireId } from './wires';

/** A build at rest under some conditions: the volts of every net, the amps of every part and wire. */
export class BuildPoint {
  // Amps are read off at once: the network goes on to other moments.
  private readonly ampsById = new Map<string, number>();
  private readonly inputAmpsById = new Map<string, number>();
  private readonly motorAmpsById = new Map<string, number>();

  constructor(
    readonly build: BuildElements,
    private readonly network: Network,
    private readonly x: Float64Array,
  ) {
    for (const device of network.devices) {
      this.ampsById.set(device.id, device.amps(x, 0));
      if (device instanceof Regulator) this.inputAmpsById.set(device.id, device.inputAmps(x));
      if (device instanceof Controller) this.motorAmpsById.set(device.id, Math.abs(device.outAmps(x)));
    }
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

  /** Amps that a part takes or a pack gives; `undefined` for an id that is not in the sum. */
  amps(id: string): number | undefined {
    return this.ampsById.get(id);
  }

  /** Amps that a regulator built into a part, or standing alone, gives. */
  regulatorAmps(fittingId: string): number | undefined {
    return this.ampsById.get(regulatorId(fittingId));
  }

  /** Amps that a regulator takes at its input. */
  regulatorInputAmps(fittingId: string): number | undefined {
    return this.inputAmpsById.get(regulatorId(fittingId));
  }

  /** Amps that a controller passes to its motors. */
  motorAmps(controllerId: string): number | undefined {
    return this.motorAmpsById.get(controllerId);
  }

  /**
   * All that a part takes where it takes its power, its own regulator included; `undefined` where it has no part in
   * the sum.
   */
  takenAmps({ fitting, kind }: Fitted): number | undefined {
    if (kind === 'bec') return this.regulatorInputAmps(fitting.id);
    const own = this.amps(fitting.id);
    return own === undefined ? undefined : own + (this.regulatorInputAmps(fitting.id) ?? 0);
  }

  /** Amps through one conductor of a lead, whichever way; `undefined` where no current can flow in it. */
  wireAmps(leadId: string, contact: string): number | undefined {
    const amps = this.amps(wireId(leadId, contact));
    return amps === undefined ? undefined : Math.abs(amps);
  }

  /** Volts of every node, ground left out. */
  nodeVolts(): Map<string, number> {
    return new Map(this.network.nodeNames().map((name) => [name, this.x[this.network.indexOf(name)!]!]));
  }
}

const regulatorId = (fittingId: string): string => `${fittingId}.bec`;
