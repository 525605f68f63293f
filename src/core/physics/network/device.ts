import type { Track } from './track';

/** What an unknown of a network is, in V, rad/s, rad, m/s, °C and parts of a full pack; each kind has its own least change that counts. */
export type UnknownKind = 'volts' | 'speed' | 'angle' | 'pace' | 'celsius' | 'charge';

/** The point a network is looked at: unknowns in, currents and slopes out. The index after the last is ground. */
export interface Point {
  /** Volts of nodes, and devices' own unknowns (rad/s, rad); 0 at ground. */
  x: Float64Array;
  /** Amps leaving each node, and the right-hand sides of devices' own equations, to be added to. */
  f: Float64Array;
  /** Slopes of `f`, by slot, to be added to. */
  a: Float64Array;
  /** Seconds. */
  time: number;
}

/** Where the slope of a row by a column lies in `Point.a`; known once the whole network is wired. */
export interface Slot {
  at: number;
}

/** What a device asks for while it is wired into a network. */
export interface Wiring {
  /** An operating point is wanted: what moves is taken as it settles. */
  readonly isStatic: boolean;
  /** Index of a node by its name; `gnd` is ground. */
  node(name: string): number;
  /** An unknown of a device's own, known from outside by this name, and where a course begins; 0 where not said. */
  unknown(name: string, kind: UnknownKind, start?: number): number;
  slot(row: number, column: number): Slot;
  /** A constant conductance between two indices, in siemens. */
  conductance(from: number, to: number, siemens: number): void;
  /** A constant factor on the rate of an unknown, in a row (farads, kg·m², 1). */
  mass(row: number, column: number, value: number): void;
}

/** One part of a network. It stamps what it does at a point, and knows nothing of how the point is found. */
export interface Device {
  readonly id: string;
  /** Adds its currents and slopes. Absent where all it does is constant and was said while wiring. */
  stamp?(point: Point): void;
  /**
   * Holds an iteration back where it would jump from one of the device's limits to the opposite one, over the
   * stretch between them. @returns whether it changed `after`
   */
  limit?(before: Float64Array, after: Float64Array): boolean;
  /**
   * Moves where the next step's iteration starts, where carrying on from the steps before has led past a limit of the
   * device. @param last the unknowns after the last step
   */
  guess?(last: Float64Array, start: Float64Array): void;
  /** Amps it takes from its supply, or gives into its output where it is a source. */
  amps(x: Float64Array, time: number): number;
  /**
   * Takes other values for the same part of the same network, as for another moment at rest. Absent where its values
   * are the same in all of them, or where they lie in the matrix.
   */
  retune?(values: object): void;
  /**
   * Is worked by hand from now on: its throttle, command or switch is what the track says, at whose bends the caller ends
   * a step. Absent where nothing works it.
   */
  follow?(hand: Track): void;
  /** Seconds at which what drives it changes abruptly, in order. */
  readonly breakpoints?: readonly number[];
}
