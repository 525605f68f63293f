import type { Slot, UnknownKind, Wiring } from './device';
import type { Conductance } from './fold-wires';

export interface MassNote {
  row: number;
  column: number;
  value: number;
}

/** Notes what devices ask for while they are wired: names and their order, places in the matrix, wires. */
export class WiringNotes implements Wiring {
  /** By index; ground comes first. */
  readonly names: string[] = [];
  readonly kinds: UnknownKind[] = [];
  /** Indices of unknowns that devices bring along. */
  readonly own = new Set<number>();
  /** Indices that something other than a wire touches. */
  readonly touched = new Set<number>();
  readonly slots: { row: number; column: number; slot: Slot }[] = [];
  readonly masses: MassNote[] = [];
  readonly conductances: Conductance[] = [];
  /** Where unknowns begin that do not begin at nothing, by index. */
  readonly starts = new Map<number, number>();
  readonly indices = new Map<string, number>();

  /** @param inOrder names and kinds that take the first indices */
  constructor(
    readonly isStatic: boolean,
    inOrder: Iterable<readonly [name: string, kind: UnknownKind]>,
  ) {
    for (const [name, kind] of inOrder) this.take(name, kind);
  }

  node(name: string): number {
    return this.take(name, 'volts');
  }

  unknown(name: string, kind: UnknownKind, start?: number): number {
    const index = this.take(name, kind);
    if (start !== undefined) this.starts.set(index, start);
    this.own.add(index);
    this.touched.add(index);
    return index;
  }

  slot(row: number, column: number): Slot {
    this.touched.add(row).add(column);
    const slot: Slot = { at: 0 };
    this.slots.push({ row, column, slot });
    return slot;
  }

  conductance(from: number, to: number, siemens: number): void {
    this.conductances.push({ from, to, siemens });
  }

  mass(row: number, column: number, value: number): void {
    this.touched.add(row).add(column);
    this.masses.push({ row, column, value });
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
