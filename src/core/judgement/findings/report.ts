import type { Patch } from '../../model/plan/patch';
import type { Unit } from '../../base/quantity/format';
import type { Subject } from './finding';
import type { Term } from '../../base/quantity/term';

/** What is said of one trouble. */
export interface Report<MessageId extends string> {
  messageId: MessageId;
  data: Record<string, string>;
  subjects: Subject[];
  actual: number;
  limit: number;
  unit: Unit;
  formula: string;
  terms: Term[];
  /** What may put it right; looked for when somebody asks. */
  offers?: () => Patch[];
}

/** Where the answer to a missing fact is given. */
type Asked = 'sheet' | 'setting' | 'wiring' | 'lead' | 'brief' | 'berths';

/** What is said where a fact is missing. */
export interface Missing {
  missing: string;
  subjects: Subject[];
  /** Where a person answers it; a sheet where not said. */
  asked?: Asked;
  /** Answers that a tap gives, the usual one first. */
  answers?: Patch[];
}

export const fittingSubject = (id: string): Subject => ({ kind: 'fitting', id });
export const leadSubject = (id: string): Subject => ({ kind: 'lead', id });
export const functionSubject = (id: string): Subject => ({ kind: 'function', id });
