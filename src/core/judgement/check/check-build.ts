import type { Build } from '../../model/plan/build';
import { readingOf, type Reading } from '../../reading/build-reading/reading';
import type { Finding, Unknown } from '../findings/finding';
import { LaterStages } from './later-stages';
import { HalfKnown } from './half-known';
import { renderOpen, renderReport, type Sift } from './render';
import { wellReports, wells, worstFirst, type Well } from '../findings/wells';
import type { CostOf } from './to-buy';
import type { PartSpec } from '../../model/kinds/part-spec';
import { rules } from '../rules';
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
  return { ...check, findings, wells: wellsOf(findings, check.unknowns, check.context, check.cautious) };
}

/** @param cautious the build at the worse end of what is not known */
const wellsOf = (
  findings: readonly Finding[],
  unknowns: readonly Unknown[],
  context: Reading,
  cautious: Reading,
) => wellReports(findings, unknowns, surveyedWells(context), (well) => toSpare(well, cautious));

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
  const found: Finding[] = [];
  const unknowns: Unknown[] = [];
  const later = new LaterStages(context.index);
  const sift: Sift = (finding, proposed) =>
    soundOffers(finding, proposed, (patch) => previewPatch(build, result, patch, locker), costOf).map(
      (patch) => withPlaces(context, patch),
    );
  const halfKnown = new HalfKnown(build, locker, context);
  for (const rule of rules) {
    const { id, well } = rule.meta;
    const { settled, open, missing } = halfKnown.judge(rule);
    for (const said of missing) unknowns.push({ rule: id, well, ...said });
    for (const said of settled) found.push(later.soften(renderReport(rule, said, acceptances, sift)));
    for (const said of open) found.push(later.soften(renderOpen(rule, said, acceptances, sift)));
  }
  // A lamp on a board may take its volts at two contacts: the same trouble of the same parts is told once, at its worst.
  const told = new Set<string>();
  const findings = found.sort(worstFirst).filter(({ id }) => !told.has(id) && told.add(id));
  const wantedNow = unknowns.filter(later.isWantedNow);
  const result: CheckResult = {
    wells: wellsOf(findings, wantedNow, context, halfKnown.cautious),
    findings,
    unknowns: wantedNow,
    isBegun: isBegun(context),
    context,
    get cautious() {
      return halfKnown.cautious;
    },
    get likely() {
      return halfKnown.likely;
    },
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
