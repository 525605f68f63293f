import type { FigureName } from '../../model/kinds/figure-names';
import type { Chemistry } from '../../model/packs/chemistry';

/** Kinds of part as labels tell them apart. */
export const labelKinds = [
  'motor',
  'controller',
  'pack',
  'servo',
  'receiver',
  'transmitter',
  'regulator',
  'load',
  'switch',
  'fuse',
  'cable',
] as const;
export type LabelKind = (typeof labelKinds)[number];

/** One thing that a label says, with the words it was read from. */
export interface LabelFigure {
  name: FigureName;
  value: number | string | readonly number[];
  from: string;
  /** Torque and speed of a servo: the volts they were taken at, as far as the label says. */
  atVolts?: number;
  /** Worked out from other words: a pack of 7.4 V is taken for one of lithium polymer. */
  isDerived?: true;
  /** Cells of a controller: what they are cells of, where the label says. */
  chemistry?: Chemistry;
}

/** What one line from a label or a box says. */
export interface LabelReading {
  kind: LabelKind;
  /** Words before the first figure that are no figure: what the part is called. */
  name: string;
  figures: LabelFigure[];
  /** What nobody understood, word by word. */
  unread: string[];
}
