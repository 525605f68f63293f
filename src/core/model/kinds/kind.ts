import type { Conditions } from './conditions';
import type { PresumedFigure } from './presumed';
import type { PartElements, Site } from './site';
import type { PartKind, PartOfKind, PartSpec } from './part-spec';
import type { SheetChoice, SheetSet } from './sheet-choice';
import type { SheetField } from '../parts/sheet-field';
import type { Terminals } from '../parts/terminals';
import type { Figure } from '../../base/validation/figure';
import type { UnitChoice } from '../../base/quantity/unit-choice';

/** The columns of the wiring picture, left to right, by what powers them. */
export type Column = 'pack' | 'feed' | 'drive' | 'radio' | 'served';

/** What a part draws at some volts by its sheet, in amps; what the sheet lacks for it is named. */
type Draws = { running: Figure; stalled: Figure } | { missing: string };

/** Whether the plus of a regulator reaches the rail. */
export type RedWire = 'in' | 'lifted' | 'cut' | 'not plugged';

/** What the wiring picture tells of a part besides its sheet. */
interface PartReading {
  /** Volts where it takes its power, packs full; `undefined` where nothing feeds it. */
  fedVolts: number | undefined;
  /** Volts that it passes on when it switches. */
  feedVolts: number | undefined;
  /** Packs: amps that the derated label allows. */
  allowedAmps: number | undefined;
  /** Output volts of its regulator, in words. */
  regulator: string | undefined;
  redWire: RedWire;
}

/** Everything that is known of a kind of part, in one place. */
export interface Kind<K extends PartKind> {
  kind: K;
  /** What a person calls one of them, several, and a new one. */
  words: { one: string; many: string };
  /** Where it takes and gives power, by the nets that its class documents. */
  terminals: (part: PartOfKind<K>) => Terminals;
  /** The net on which it listens to a receiver channel; `undefined` where it does not. */
  signal: (part: PartOfKind<K>) => string | undefined;
  /** The net that its signal is measured against; its supply's minus where not said. */
  signalGround?: (part: PartOfKind<K>) => string | undefined;
  /** The figures that its sheet has room for, in reading order. */
  fields: (part: PartOfKind<K>) => SheetField[];
  /** What is chosen on its sheet, not measured; its plugs and protection apart. */
  choices: (part: PartOfKind<K>) => SheetChoice[];
  /** What its sheet may have several of. */
  sets?: (part: PartOfKind<K>) => SheetSet[];
  /** A part of the kind with nothing stated, made from a usual one. */
  blank?: (usual: PartOfKind<K>) => PartOfKind<K>;
  /** Amps that it draws where it takes its power; absent for kinds whose amps come from elsewhere. */
  draws?: (part: PartOfKind<K>, volts: number) => Draws;
  /** What it is in the network. */
  elements: (site: Site<K>, part: PartOfKind<K>) => PartElements;
  /** What of a moment its elements at rest change with, as a key; where not said they are the same in all moments. */
  momentKey?: (conditions: Conditions, fittingId: string) => string;
  /** Where it stands in the wiring picture: a column, inside the leads, or outside the model. */
  column: Column | 'inline' | 'outside';
  /** The two or three facts that the wiring picture writes on it. */
  lines: (part: PartOfKind<K>, reading: PartReading) => string[];
  /** Whether Match chooses such parts, and how early: those that decide most come first. Cables follow from what they join. */
  chosen?: number;
  /** Its turn as parts meet the eye when the lid comes off. */
  seen: number;
  /** What the Brief calls it where it serves all functions. */
  brief?: string;
  /** What decides between parts of it besides volts, in a few words each. */
  decides: (part: PartOfKind<K>, units: UnitChoice) => string[];
  /** What is usual where its sheet is silent, each with its range. */
  usual?: (part: PartOfKind<K>) => PresumedFigure[];
  /** Whether it holds electronics that water kills. */
  isDelicate: boolean;
  /** Whether another part of the kind can do its work at all. */
  replaces?: (candidate: PartOfKind<K>, part: PartOfKind<K>) => boolean;
  /** Name of a fitting of it, where the kind alone tells too little. */
  roleWord?: (part: PartOfKind<K>) => string;
}

/** Keeps a description checked against its kind. */
export const describeKind = <K extends PartKind>(kind: Kind<K>): Kind<K> => kind;

/** A copy of a part with some fields changed. */
export const changed = <P extends PartSpec>(part: P, change: Partial<P>): P => ({ ...part, ...change });
