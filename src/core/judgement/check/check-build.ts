import type { Build } from '../../model/plan/build';
import { readAlike } from '../../base/quantity/compare';
import { readingOf, type Reading } from '../../reading/build-reading/reading';
import type { Finding, Unknown } from '../findings/finding';
import { isMeasured } from '../findings/finding-words';
import { LaterStages } from './later-stages';
import { renderReport, type Sift } from './render';
import type { Missing, Report } from '../findings/report';
import { wellReports, wells, worstFirst, type Well } from '../findings/wells';
import type { CostOf } from './to-buy';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Acceptance } from '../../model/plan/records';
import { rules } from '../rules';
import type { Rule } from '../rules/rule';
import type { Patch } from '../../model/plan/patch';
import { applyEdits } from '../../model/plan/edits';
import type { CheckResult } from './check-result';
import { comparePatch, type PatchPreview } from './preview';
import { soundOffers } from './sound-offers';
import { toSpare } from './to-spare';
import { withPlaces } from '../put-right/with-places';

/** A verdict with more findings, such as those of an outing; the wells are told anew. */
export function withFindings(check: CheckResult, more: readonly Finding[]): CheckResult {
  if (more.length === 0) return check;
  const findings = [...check.findings, ...more].sort(worstFirst);
  return { ...check, findings, wells: wellsOf(findings, check.unknowns, check.context) };
}

const wellsOf = (findings: readonly Finding[], unknowns: readonly Unknown[], context: Reading) =>
  wellReports(findings, unknowns, surveyedWells(context), (well) => toSpare(well, context));

/** Of parts that nobody named a price for. */
const noPrices: CostOf = () => undefined;

/**
 * Looks at a build with every rule. Never throws on an unfinished build.
 * @param costOf what parts cost, for the order of the put-rights
 */
export function checkBuild(
  build: Build,
  locker: readonly PartSpec[],
  costOf: CostOf = noPrices,
): CheckResult {
  const context = readingOf(build, locker);
  const acceptances = new Map(build.acceptances.map((acceptance) => [acceptance.finding, acceptance]));
  const findings: Finding[] = [];
  const unknowns: Unknown[] = [];
  const later = new LaterStages(context.index);
  const sift: Sift = (finding, proposed) =>
    soundOffers(finding, proposed, (patch) => previewPatch(build, result, patch, locker), costOf).map(
      (patch) => withPlaces(context, patch),
    );
  for (const rule of rules) {
    const { id, well } = rule.meta;
    for (const said of judge(rule, context, acceptances, sift)) {
      if ('missing' in said) unknowns.push({ rule: id, well, ...said });
      else findings.push(later.soften(said));
    }
  }
  findings.sort(worstFirst);
  const wantedNow = unknowns.filter(later.isWantedNow);
  const result: CheckResult = {
    wells: wellsOf(findings, wantedNow, context),
    findings,
    unknowns: wantedNow,
    isBegun: isBegun(context),
    context,
  };
  return result;
}

/** Applies a patch to a copy and checks it. @throws where the build has not what the patch changes */
export const previewPatch = (
  build: Build,
  before: CheckResult,
  patch: Patch,
  locker: readonly PartSpec[],
): PatchPreview => comparePatch(build, before, patch, checkBuild(applyEdits(build, patch.edits), locker));

/** What one rule says. A rule that fails is told as a fact that is missing; the others go on. */
function judge(
  rule: Rule,
  context: Reading,
  acceptances: ReadonlyMap<string, Acceptance>,
  sift: Sift,
): (Finding | Missing)[] {
  try {
    return rule.check(context).flatMap((said): (Finding | Missing)[] => {
      if ('missing' in said) return [said];
      return isNoTrouble(rule, said) ? [] : [renderReport(rule, said, acceptances, sift)];
    });
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return [{ missing: `${rule.meta.title}: could not be judged (${why})`, subjects: [], asked: 'wiring' }];
  }
}

/** Two measured figures that read the same as they are shown are no trouble. */
function isNoTrouble({ meta }: Rule, { messageId, actual, limit, unit }: Report<string>): boolean {
  return meta.messages[messageId]?.bound !== 'exactly' && isMeasured(unit) && readAlike(actual, limit, unit);
}

const isBegun = ({ survey }: Reading): boolean => survey.supplies.some((supply) => supply.status === 'fed');

/**
 * With nothing fed there is nothing to say of volts, amps and connections; channels can be planned before, and Space
 * waits until something lies in the model.
 */
function surveyedWells(context: Reading): ReadonlySet<Well> {
  if (context.build.fittings.length === 0) return new Set();
  const isPlanned = context.build.functions.length > 0;
  const isLaidOut = context.survey.layout.laid.length > 0;
  return new Set(
    wells.filter((well) =>
      well === 'control' ? isPlanned : well === 'space' ? isLaidOut : isBegun(context),
    ),
  );
}
