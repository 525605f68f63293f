import type { Device, Point, Slot, UnknownKind, Wiring } from './device';
import { SparseLu } from './sparse-lu';

/** Wires one device into the network that is being made. */
export type WireUp = (wiring: Wiring) => Device;

interface Mass {
  row: number;
  column: number;
  value: number;
  slot: number;
}

interface Conductance {
  from: number;
  to: number;
  siemens: number;
}

/** Index of ground in every vector; it is always 0 V. */
const ground = 0;

/** Keeps what hangs in the air at a definite voltage without drawing anything that counts: a megohm, in siemens. */
const leak = 1e-6;

/**
 * Devices wired together: M·dx/dt + f(x, t) = 0, with one row for each node (its currents add up to nothing)
 * and one for each unknown that a device brings along. It knows devices by what they stamp, and by nothing else.
 */
export class Network {
  readonly devices: readonly Device[];
  /** By index; ground comes first. */
  readonly names: string[] = ['gnd'];
  readonly kinds: UnknownKind[] = ['volts'];
  readonly masses: readonly Mass[];
  readonly lu: SparseLu;
  private readonly indices = new Map([['gnd', ground]]);
  private readonly nodes: Int32Array;
  // Conductances as plain numbers: they are gone through in every iteration.
  private readonly wireFrom: Int32Array;
  private readonly wireTo: Int32Array;
  private readonly wireSiemens: Float64Array;
  /** The slopes that never change: conductances and leaks. */
  private readonly base: Float64Array;
  private readonly stamping: readonly Device[];
  private readonly limiting: readonly Device[];

  /** @param isStatic whether an operating point is wanted, or a course through time */
  constructor(wireUps: readonly WireUp[], isStatic: boolean) {
    const masses: Omit<Mass, 'slot'>[] = [];
    const slots: { row: number; column: number; slot: Slot }[] = [];
    const own = new Set<number>();
    const conductances: Conductance[] = [];
    const wiring: Wiring = {
      isStatic,
      node: (name) => this.take(name, 'volts'),
      unknown: (name, kind) => {
        const index = this.take(name, kind);
        own.add(index);
        return index;
      },
      slot: (row, column) => {
        const slot: Slot = { at: 0 };
        slots.push({ row, column, slot });
        return slot;
      },
      conductance: (from, to, siemens) => conductances.push({ from, to, siemens }),
      mass: (row, column, value) => masses.push({ row, column, value }),
    };
    this.devices = wireUps.map((wire) => wire(wiring));
    this.stamping = this.devices.filter((one) => one.stamp);
    this.limiting = this.devices.filter((one) => one.limit);
    this.nodes = Int32Array.from(this.names.flatMap((_, n) => (n === ground || own.has(n) ? [] : [n])));
    this.wireFrom = Int32Array.from(conductances, (one) => one.from);
    this.wireTo = Int32Array.from(conductances, (one) => one.to);
    this.wireSiemens = Float64Array.from(conductances, (one) => one.siemens);

    const pairs = [...slots, ...masses].map(({ row, column }) => [row, column] as const);
    const joints = conductances.map(({ from, to }) => [from, to] as const);
    this.lu = new SparseLu(
      this.size,
      [...pairs, ...joints].filter(([row, column]) => row !== ground && column !== ground),
    );
    const slotAt = (row: number, column: number) =>
      row === ground || column === ground ? this.lu.spare : this.lu.slot(row, column);
    for (const { row, column, slot } of slots) slot.at = slotAt(row, column);
    this.masses = masses
      .filter(({ row, column }) => row !== ground && column !== ground)
      .map((one) => ({ ...one, slot: slotAt(one.row, one.column) }));

    this.base = new Float64Array(this.lu.values.length);
    this.base[this.lu.slot(ground, ground)] = 1;
    for (const { from, to, siemens } of conductances) {
      this.base[slotAt(from, from)]! += siemens;
      this.base[slotAt(to, to)]! += siemens;
      this.base[slotAt(from, to)]! -= siemens;
      this.base[slotAt(to, from)]! -= siemens;
    }
    for (const node of this.nodes) this.base[slotAt(node, node)]! += leak;
  }

  /** Number of unknowns, ground among them. */
  get size(): number {
    return this.names.length;
  }

  /** Index of a node or unknown by name; `undefined` where there is none. */
  indexOf(name: string): number | undefined {
    return this.indices.get(name);
  }

  /** Names of the nodes, without ground and without devices' own unknowns. */
  nodeNames(): string[] {
    return Array.from(this.nodes, (node) => this.names[node]!);
  }

  /** Sets `f` and `a` to what the whole network does at `x`. */
  evaluate(point: Point): void {
    const { x, f, a } = point;
    const { nodes, wireFrom, wireTo, wireSiemens, stamping } = this;
    f.fill(0);
    a.set(this.base);
    for (let n = 0; n < nodes.length; n += 1) f[nodes[n]!] = leak * x[nodes[n]!]!;
    for (let n = 0; n < wireSiemens.length; n += 1) {
      const amps = wireSiemens[n]! * (x[wireFrom[n]!]! - x[wireTo[n]!]!);
      f[wireFrom[n]!]! += amps;
      f[wireTo[n]!]! -= amps;
    }
    for (let n = 0; n < stamping.length; n += 1) stamping[n]!.stamp!(point);
    f[ground] = 0;
  }

  /** Lets devices hold an iteration back. @returns whether any did */
  limit(before: Float64Array, after: Float64Array): boolean {
    let isHeld = false;
    for (const device of this.limiting) if (device.limit!(before, after)) isHeld = true;
    return isHeld;
  }

  private take(name: string, kind: UnknownKind): number {
    const known = this.indices.get(name);
    if (known !== undefined) return known;
    const index = this.names.length;
    this.indices.set(name, index);
    this.names.push(name);
    this.kinds.push(kind);
    return index;
  }
}
