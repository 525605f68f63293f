import type { Patch } from '../../model/plan/patch';
import type { Unit } from '../../base/quantity/format';
import type { Provenance } from '../../base/validation/figure';
import type { FigureName } from '../../model/kinds/figure-names';
import type { Term } from '../../base/quantity/term';
import type { Severity } from './severity';
import type { Well } from './wells';

/** How the limit binds: at most, at least, or exactly. */
export type Bound = 'most' | 'least' | 'exactly';

/** What a finding points at in the build. */
export interface Subject {
  kind: 'fitting' | 'lead' | 'function';
  id: string;
}

/** Something a rule found. Expected on real builds, therefore data; exceptions mean a broken rule. */
export interface Finding {
  /** Stable for the same trouble of the same parts. */
  id: string;
  rule: string;
  messageId: string;
  severity: Severity;
  well: Well;
  subjects: Subject[];
  actual: number;
  limit: number;
  bound: Bound;
  unit: Unit;
  /** How far inside the limit, in the same unit; negative when beyond it. */
  margin: number;
  /** What is wrong, in one plain sentence that names the parts. */
  text: string;
  /** What the person would see, hear or smell. */
  why: string;
  /** The sum in words; its numbers are the terms. */
  formula: string;
  terms: Term[];
  /** The least sure provenance among the terms. */
  provenance: Provenance;
  patches: Patch[];
  accepted: boolean;
  reason?: string;
  /** What its well says of it: `3.8 A over`. */
  headline: string;
  /** Its head in few words, with places for the two numbers; the usual words of its bound where not said. */
  words?: string;
  /** Of an open verdict: what it hangs on. */
  open?: OpenVerdict;
}

/** What an open verdict hangs on: it is dry at one end of what is not known, and leaks at the other. */
export interface OpenVerdict {
  /** What it is at the end that is worse. */
  atWorst: 'stop' | 'mind';
  /** Whether it leaks at the usual figures already. */
  isLikely: boolean;
  /** The one figure that settles it; `undefined` where several do only together. */
  settles: Settling | undefined;
}

/** A figure that settles a verdict: what it usually is, and where it tips. */
export interface Settling {
  /** Stable for the same figure of the same sheet. */
  key: string;
  name: FigureName;
  /** In words, with the part: `stall current of the steering servo`. */
  words: string;
  /** A fitting with the sheet. */
  fitting: string;
  low: number;
  likely: number;
  high: number;
  unit: string | undefined;
  worse: 'low' | 'high';
  /** Why it is usual. */
  why: string;
  /** Where the verdict tips, in the same unit. */
  tips: number;
}

/** Whether a finding stops: surely, or by the usual value of what nobody printed. */
export const stopsLikely = ({ severity, open }: Pick<Finding, 'severity' | 'open'>): boolean =>
  severity === 'stop' || (open?.atWorst === 'stop' && open.isLikely);

/** A fact that a rule needed and nobody stated. */
export interface Unknown {
  rule: string;
  well: Well;
  subjects: Subject[];
  missing: string;
  /** Where a person answers it; a sheet where not said. */
  asked?: 'sheet' | 'setting' | 'wiring' | 'lead' | 'brief' | 'berths';
  /** Answers that a tap gives, the usual one first. */
  answers?: Patch[];
}

/** A finding with something changed; what it works out when it is asked for stays so. */
export const changedFinding = (finding: Finding, change: Partial<Finding>): Finding =>
  Object.defineProperties(
    {},
    {
      ...Object.getOwnPropertyDescriptors(finding),
      ...Object.getOwnPropertyDescriptors(change),
    },
  ) as Finding;
