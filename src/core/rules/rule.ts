import type { BuildIndex } from '../build/build-index';
import type { Build } from '../build/build';
import type { Patch } from '../build/patch';
import type { Bound, Subject, Term } from '../check/finding';
import type { Severity } from '../check/severity';
import type { Well } from '../check/wells';
import type { PartSpec } from '../parts/part-spec';
import type { PackLoad } from '../power/pack-load';
import type { PackState, PowerPicture } from '../power/power-picture';
import type { Rail } from '../power/rails';
import type { SignalPath } from '../power/signals';
import type { Unit } from '../quantity/format';

/** The solved network of a build: what really reaches each part through its wires. */
export interface OperatingView {
  /** Volts across two nets of a part. */
  across(fitting: string, plus: string, minus: string): number | undefined;
  /** Amps that a part takes, or that a regulator (`<fitting>.bec`) or a pack gives. */
  amps(id: string): number | undefined;
}

/** Everything a rule may look at; worked out once per check, never changed by a rule. */
export interface CheckContext {
  build: Build;
  index: BuildIndex;
  picture: PowerPicture;
  rails: Rail[];
  packs: PackLoad[];
  paths: SignalPath[];
  /**
   * The operating point of the worst second by the school of the build, solved once and only when asked for;
   * `undefined` where it does not settle.
   */
  worstSecond: (charge: PackState) => OperatingView | undefined;
  /** Parts that a put-right may bring in. */
  locker: readonly PartSpec[];
}

export interface Message {
  severity: Severity;
  bound: Bound;
  /** `{{name}}` places are filled from the report's data. */
  text: string;
  why: string;
}

export interface RuleMeta<MessageId extends string> {
  /** Kebab-case; the name of the rule's file, test and doc page. */
  id: string;
  well: Well;
  /** What it looks at, in one line. */
  title: string;
  messages: Record<MessageId, Message>;
}

/** What a rule says of one trouble. */
export interface Report<MessageId extends string> {
  messageId: MessageId;
  data: Record<string, string>;
  subjects: Subject[];
  actual: number;
  limit: number;
  unit: Unit;
  formula: string;
  terms: Term[];
  offers?: Patch[];
}

/** What a rule says when a fact is missing. */
export interface Missing {
  missing: string;
  subjects: Subject[];
}

export interface Rule<MessageId extends string = string> {
  meta: RuleMeta<MessageId>;
  check(context: CheckContext): (Report<MessageId> | Missing)[];
}

/** Keeps the message ids of a rule checked against its reports. */
export const defineRule = <MessageId extends string>(rule: Rule<MessageId>): Rule<MessageId> => rule;

export const fittingSubject = (id: string): Subject => ({ kind: 'fitting', id });
export const leadSubject = (id: string): Subject => ({ kind: 'lead', id });
export const functionSubject = (id: string): Subject => ({ kind: 'function', id });
