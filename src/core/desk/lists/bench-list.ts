/** A line of a list to work through at the bench. */
export interface ListLine {
  /** Stable while it is about the same thing; what a tick is kept under. */
  key: string;
  cells: readonly string[];
}

/** A list to work through, to print, or to take along to a shop. */
export interface BenchList {
  id: 'leads' | 'solder' | 'shopping';
  title: string;
  heads: readonly string[];
  lines: readonly ListLine[];
}
