import { weakestProvenance } from '../../base/validation/figure';
import { formatQuantity } from '../../base/quantity/format';
import type { Message, Rule } from '../rules/rule';
import type { Report } from '../findings/report';
import { agreeing, capital } from '../../base/words/sentences';
import type { Acceptance } from '../../model/plan/records';
import type { Patch } from '../../model/plan/patch';
import { changedFinding, type Finding, type OpenVerdict } from '../findings/finding';
import { valueWords } from '../../model/kinds/figure-names';
import { filledIn } from '../findings/finding-words';

/** What remains of the put-rights that a rule proposes for a finding. */
export type Sift = (finding: Finding, proposed: readonly Patch[]) => Patch[];

/**
 * Turns a rule's report into a finding with its sentence, margin and acceptance. Its put-rights are worked out and
 * sifted when they are first asked for.
 */
export function renderReport(
  rule: Pick<Rule, 'meta'>,
  report: Report<string>,
  acceptances: ReadonlyMap<string, Acceptance>,
  sift: Sift = (_, proposed) => [...proposed],
): Finding {
  const message = rule.meta.messages[report.messageId];
  if (!message) throw new Error(`rule ${rule.meta.id} has no message ${report.messageId}`);
  const words = message.short ?? message.numbers;
  const margin = marginOf(message, report);
  const subjectIds = report.subjects.map((subject) => subject.id).join('+');
  const id = `${rule.meta.id}/${report.messageId}/${subjectIds}`;
  const acceptance = acceptances.get(id);
  // An acceptance holds only while things are no worse than what was accepted.
  const accepted = acceptance !== undefined && margin >= acceptance.margin - 1e-6;
  let patches: Patch[] | undefined;
  return {
    id,
    rule: rule.meta.id,
    messageId: report.messageId,
    severity: message.severity,
    well: rule.meta.well,
    subjects: report.subjects,
    actual: Math.round(report.actual * 1e6) / 1e6,
    limit: Math.round(report.limit * 1e6) / 1e6,
    bound: message.bound,
    unit: report.unit,
    margin,
    text: capital(fill(message.text, report.data, rule.meta.id)),
    why: capital(fill(message.why, report.data, rule.meta.id)),
    formula: report.formula,
    terms: report.terms,
    provenance: weakestProvenance(report.terms.map((term) => term.provenance)),
    get patches() {
      return (patches ??= sift(this, report.offers?.() ?? []));
    },
    accepted,
    ...(accepted && acceptance.reason && { reason: acceptance.reason }),
    headline: headlineOf(message, report),
    ...(words !== undefined && { words }),
  };
}

/**
 * Turns a verdict that hangs on a guess into a finding that says so first, and then what it would be. Its sentence is
 * worked out when it is first read.
 */
export function renderOpen(
  rule: Pick<Rule, 'meta'>,
  { report, verdict }: { report: Report<string>; verdict: OpenVerdict },
  acceptances: ReadonlyMap<string, Acceptance>,
  sift?: Sift,
): Finding {
  const said = renderReport(rule, report, new Map(), sift);
  const id = `${rule.meta.id}/open/${report.subjects[0]?.id ?? ''}`;
  const trouble = fill(rule.meta.messages[report.messageId]!.text, report.data, rule.meta.id);
  const acceptance = acceptances.get(id);
  return changedFinding(said, {
    id,
    severity: 'open',
    provenance: 'estimated',
    accepted: acceptance !== undefined,
    ...(acceptance?.reason && { reason: acceptance.reason }),
    headline: `${verdict.isLikely ? 'likely' : 'may be'} ${said.headline}`,
    open: verdict,
    get text() {
      return openWords(trouble, verdict);
    },
    why: `${verdict.isLikely ? '' : `Else ${trouble}. `}${said.why}`,
  });
}

/** `Dry unless the stall current of the steering servo is above 4.0 A (usually 3.4 A, may be 5.1 A)`. */
function openWords(trouble: string, { isLikely, settles }: OpenVerdict): string {
  if (!settles)
    return isLikely
      ? capital(`${trouble} at usual figures; the printed ones may be better`)
      : `Dry at usual figures; if all that is not printed is at its worst, ${trouble}`;
  const { name, words, low, likely, high, worse, tips } = settles;
  const beyond = (worse === 'high') === isLikely ? 'below' : 'above';
  const end = beyond === 'above' ? high : low;
  const figure = `the ${words} is ${beyond} ${valueWords(name, tips)} (usually ${valueWords(name, likely)}, may be ${valueWords(name, end)})`;
  return isLikely ? capital(`${trouble}, unless ${figure}`) : `Dry unless ${figure}`;
}

function marginOf({ bound }: Message, { actual, limit }: Report<string>): number {
  const raw = { most: limit - actual, least: actual - limit, exactly: -Math.abs(limit - actual) }[bound];
  return Math.round(raw * 1e6) / 1e6;
}

function headlineOf({ bound, short }: Message, { actual, limit, unit }: Report<string>): string {
  if (short !== undefined) return filledIn(short, { actual, limit, unit });
  const gap = formatQuantity(Math.abs(actual - limit), unit);
  const within = bound === 'most' ? actual <= limit : actual >= limit;
  if (within) return `${gap} spare`;
  return bound === 'most' ? `${gap} over` : `${gap} short`;
}

/** A gap, with the verb that has to agree with what fills it. */
const verbsAfter =
  /\{\{(\w+)\}\}(?: (does|is|has|was|wants|gets|needs|lies|hears|stands|draws|falls|fits|gives|stays|turns|moves|runs|takes|wakes|works)\b)?/g;

function fill(template: string, data: Record<string, string>, ruleId: string): string {
  return template.replace(verbsAfter, (_, name: string, verb: string | undefined) => {
    const value = data[name];
    if (value === undefined) throw new Error(`rule ${ruleId} leaves {{${name}}} unfilled`);
    return verb === undefined ? value : `${value} ${agreeing(value, verb)}`;
  });
}
