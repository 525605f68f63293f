import type { Element } from '../../physics/network/devices';
import type { Network } from '../../physics/network/network';

/** Every node of the network in each slice of an outing, at the instant when the receiver had least. */
export interface Snapshots {
  /** Names of the unknowns, in the order they stand in. */
  names: readonly string[];
  /** One row of unknowns after another. */
  values: Float32Array;
  /** Wires that carry power: the lead, and where its current is read. */
  wires: { id: string; from: number; to: number; siemens: number }[];
}

/** Keeps the state of a network slice by slice, so that any instant can be looked at afterwards. */
export class SnapshotKeeper {
  private readonly values: Float32Array;
  private readonly last: Float64Array;
  private lastTime = 0;
  /** Lowest volts at the receiver that each slice has seen. */
  private readonly lowest: Float64Array;

  constructor(
    private readonly network: Network,
    private readonly elements: readonly Element[],
    private readonly seconds: number,
    private readonly slices: number,
    private readonly receiverVolts: (x: Float64Array) => number,
  ) {
    this.lowest = new Float64Array(slices).fill(Infinity);
    this.values = new Float32Array(slices * network.names.length);
    this.last = new Float64Array(network.names.length);
  }

  add(time: number, x: Float64Array): void {
    const { network, slices, seconds, values, last, lowest } = this;
    if (slices === 0) return;
    const size = network.names.length;
    const width = seconds / slices;
    const here = Math.min(Math.floor((time / width) * (1 - 1e-12)), slices - 1);
    // A long step passes over slices that it has no point in.
    for (let slice = Math.floor(this.lastTime / width); slice < here; slice += 1) {
      if (lowest[slice] !== Infinity) continue;
      const share = ((slice + 1) * width - this.lastTime) / (time - this.lastTime);
      for (let n = 0; n < size; n += 1) values[slice * size + n] = last[n]! + share * (x[n]! - last[n]!);
      lowest[slice] = -Infinity;
    }
    const volts = this.receiverVolts(x);
    if (volts < lowest[here]!) {
      lowest[here] = volts;
      values.set(x, here * size);
    }
    last.set(x);
    this.lastTime = time;
  }

  result(): Snapshots {
    const { network, elements, values } = this;
    const at = (name: string) => network.indexOf(name) ?? 0;
    return {
      names: network.names,
      values,
      wires: elements.flatMap((element) =>
        element.kind === 'resistor'
          ? [
              {
                id: element.id,
                from: at(element.from),
                to: at(element.to),
                siemens: 1 / Math.max(element.ohms, 1e-6),
              },
            ]
          : [],
      ),
    };
  }
}

/** What one instant of an outing looks like: volts of nodes by name, amps of wires by id. */
export function instantAt(
  { names, values, wires }: Snapshots,
  slice: number,
): { volts: Map<string, number>; amps: Map<string, number> } {
  const row = values.subarray(slice * names.length, (slice + 1) * names.length);
  return {
    volts: new Map(names.map((name, n) => [name, row[n] ?? 0])),
    amps: new Map(
      wires.map(({ id, from, to, siemens }) => [id, ((row[from] ?? 0) - (row[to] ?? 0)) * siemens]),
    ),
  };
}
