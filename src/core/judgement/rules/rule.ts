import type { Reading } from '../../reading/build-reading/reading';
import type { Bound } from '../findings/finding';
import type { Missing, Report } from '../findings/report';
import type { Severity } from '../findings/severity';
import type { Well } from '../findings/wells';

export interface Message {
  severity: Severity;
  bound: Bound;
  /**
   * The matter in few words, where a distance to the limit tells nothing: what is counted, or is one of two things.
   * `{{actual}}` and `{{limit}}` are filled in, here and in `numbers`.
   */
  short?: string;
  /** The two numbers in words, where those of the bound do not say enough. */
  numbers?: string;
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

export interface Rule<MessageId extends string = string> {
  meta: RuleMeta<MessageId>;
  check(context: Reading): (Report<MessageId> | Missing)[];
}

/** Keeps the message ids of a rule checked against its reports. */
export const defineRule = <MessageId extends string>(rule: Rule<MessageId>): Rule<MessageId> => rule;
