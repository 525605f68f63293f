import type { Device, Point, UnknownKind, Wiring } from './device';
import { foldWires, type Conductance, type InnerNode } from './fold-wires';
import { SparseLu } from './sparse-lu';
import { WiringNotes, type MassNote } from './wiring-notes';

/** Wires one device into the network that is being made. */
export type WireUp = (wiring: Wiring) => Device;

interface Mass extends MassNote {
  slot: number;
}

/** Index of ground in every vector; it is always 0 V. */
const ground = 0;

/** Keeps what hangs in the air at a definite voltage without drawing anything that counts: a megohm, in siemens. */
const leak = 1e-6;

/**
 * Devices wired together: M·dx/dt + f(x, t) = 0, with one row for each node (its currents add up to nothing)
 * and one for each unknown that a device brings along. It knows devices by what they stamp, and by nothing else.
 * Nodes that only wires touch are folded away: they come after all that is solved for, and `fillIn` sets them.
 */
export class Network {
  readonly devices: readonly Device[];
  /** By index; ground comes first, and nodes that are folded away come last. */
  readonly names: readonly string[];
  readonly kinds: readonly UnknownKind[];
  /** Number of unknowns that are solved for, ground among them. */
  readonly size: number;
  /** Where a course begins, by index. */
  readonly starts: ReadonlyMap<number, number>;
  readonly masses: readonly Mass[];
  readonly lu: SparseLu;
  private readonly indices: ReadonlyMap<string, number>;
  private readonly own: ReadonlySet<number>;
  /** Nodes that are solved for, without ground. */
  private readonly nodes: Int32Array;
  private readonly inner: readonly InnerNode[];
  // Conductances as plain numbers: they are gone through in every iteration.
  private readonly wireFrom: Int32Array;
  private readonly wireTo: Int32Array;
  private readonly wireSiemens: Float64Array;
  /** The slopes that never change: conductances and leaks. */
  private readonly base: Float64Array;
  private readonly stamping: readonly Device[];
  private readonly limiting: readonly Device[];
  private readonly guessing: readonly Device[];

  /** @param isStatic whether an operating point is wanted, or a course through time */
  constructor(wireUps: readonly WireUp[], isStatic: boolean) {
    const order = orderOf(wireUps, isStatic);
    const notes = new WiringNotes(isStatic, order.names);
    this.devices = wireUps.map((wire) => wire(notes));
    this.names = notes.names;
    this.kinds = notes.kinds;
    this.indices = notes.indices;
    this.own = notes.own;
    this.starts = notes.starts;
    this.size = this.names.length - order.inner.length;
    this.inner = order.inner;
    this.stamping = this.devices.filter((device) => device.stamp !== undefined);
    this.limiting = this.devices.filter((device) => device.limit !== undefined);
    this.guessing = this.devices.filter((device) => device.guess !== undefined);
    this.nodes = Int32Array.from(notes.kinds.keys()).filter((n) => n < this.size && this.isNode(n));
    const wireCount = order.conductances.length;
    this.wireFrom = new Int32Array(wireCount);
    this.wireTo = new Int32Array(wireCount);
    this.wireSiemens = new Float64Array(wireCount);
    for (let n = 0; n < wireCount; n += 1) {
      const { from, to, siemens } = order.conductances[n]!;
      this.wireFrom[n] = from;
      this.wireTo[n] = to;
      this.wireSiemens[n] = siemens;
    }

    const pattern: [row: number, column: number][] = [];
    const note = (row: number, column: number) => {
      if (row !== ground && column !== ground) pattern.push([row, column]);
    };
    for (const { row, column } of notes.slots) note(row, column);
    for (const { row, column } of notes.masses) note(row, column);
    for (const { from, to } of order.conductances) note(from, to);
    const lu = new SparseLu(this.size, pattern);
    this.lu = lu;
    const slotAt = (row: number, column: number) =>
      row === ground || column === ground ? lu.spare : lu.slot(row, column);
    for (const { row, column, slot } of notes.slots) slot.at = slotAt(row, column);
    this.masses = notes.masses
      .filter(({ row, column }) => row !== ground && column !== ground)
      .map((mass) => ({ ...mass, slot: slotAt(mass.row, mass.column) }));

    this.base = new Float64Array(lu.values.length);
    this.base[lu.slot(ground, ground)] = 1;
    for (const { from, to, siemens } of order.conductances) {
      this.base[slotAt(from, from)]! += siemens;
      this.base[slotAt(to, to)]! += siemens;
      this.base[slotAt(from, to)]! -= siemens;
      this.base[slotAt(to, from)]! -= siemens;
    }
    for (const node of this.nodes) this.base[slotAt(node, node)]! += leak;
  }

  /** Index of a node or unknown by name; `undefined` where there is none. */
  indexOf(name: string): number | undefined {
    return this.indices.get(name);
  }

  /** Names of the nodes, without ground and without devices' own unknowns. */
  nodeNames(): string[] {
    return this.names.filter((_, n) => this.isNode(n));
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

  /** Lets devices move the start of a step's iteration. @param last the unknowns after the last step */
  guess(last: Float64Array, start: Float64Array): void {
    for (const device of this.guessing) device.guess!(last, start);
  }

  /** Sets the nodes that were folded away, from those that were solved for. @param x has room for all names */
  fillIn(x: Float64Array): void {
    const { inner } = this;
    for (let n = inner.length - 1; n >= 0; n -= 1) {
      const { node, a, b, shareOfA } = inner[n]!;
      x[node] = shareOfA * x[a]! + (1 - shareOfA) * x[b]!;
    }
  }

  private isNode(index: number): boolean {
    return index !== ground && !this.own.has(index);
  }
}

/** Wires everything up once to see which nodes can be folded away, and puts those last. */
function orderOf(
  wireUps: readonly WireUp[],
  isStatic: boolean,
): { names: [string, UnknownKind][]; conductances: Conductance[]; inner: InnerNode[] } {
  const notes = new WiringNotes(isStatic, [['gnd', 'volts']]);
  for (const wire of wireUps) wire(notes);
  const { conductances, inner } = foldWires(
    notes.conductances,
    (node) => node === ground || notes.touched.has(node),
  );
  const last = new Set(inner.map((innerNode) => innerNode.node));
  const indices = [...notes.names.keys()];
  const order = [...indices.filter((n) => !last.has(n)), ...last];
  const place = new Int32Array(order.length);
  order.forEach((old, n) => (place[old] = n));
  return {
    names: order.map((old) => [notes.names[old]!, notes.kinds[old]!]),
    conductances: conductances.map(({ from, to, siemens }) => ({
      from: place[from]!,
      to: place[to]!,
      siemens,
    })),
    inner: inner.map(({ node, a, b, shareOfA }) => ({
      node: place[node]!,
      a: place[a]!,
      b: place[b]!,
      shareOfA,
    })),
  };
}
