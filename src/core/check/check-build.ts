import type { Build } from '../build/build';
import type { PartSpec } from '../parts/part-spec';
import { rules } from '../rules';
import type { CheckContext } from '../rules/rule';
import { checkContext } from './check-context';
import { figuresOf } from './figures';
import type { Finding, Unknown } from './finding';
import { LaterStages } from './later-stages';
import { renderReport } from './render';
import { wellReports, worstFirst, type Well, type WellReport } from './wells';

/** The whole verdict on one build. */
export interface CheckResult {
  wells: Record<Well, WellReport>;
  /** Worst first. */
  findings: Finding[];
  unknowns: Unknown[];
  /** Named numbers that the checks rest on; the unit is in each name. */
  figures: Record<string, number>;
  context: CheckContext;
}

/** Wells that the rules look into from end to end; Space waits for the survey of the berths. */
const surveyed = new Set<Well>(['voltage', 'current', 'connection', 'control']);

/** A verdict with more findings, such as those of an outing; the wells are told anew. */
export function withFindings(check: CheckResult, more: readonly Finding[]): CheckResult {
  if (more.length === 0) return check;
  const findings = [...check.findings, ...more].sort(worstFirst);
  return { ...check, findings, wells: wellReports(findings, check.unknowns, surveyed) };
}

/** Looks at a build with every rule. Never throws on an unfinished build. */
export function checkBuild(build: Build, locker: readonly PartSpec[]): CheckResult {
  const context = checkContext(build, locker);
  const acceptances = new Map(build.acceptances.map((one) => [one.finding, one]));
  const findings: Finding[] = [];
  const unknowns: Unknown[] = [];
  const later = new LaterStages(context.index);
  for (const rule of rules) {
    for (const said of rule.check(context)) {
      if ('missing' in said) unknowns.push({ rule: rule.meta.id, well: rule.meta.well, ...said });
      else findings.push(later.soften(renderReport(rule, said, acceptances)));
    }
  }
  findings.sort(worstFirst);
  const wantedNow = unknowns.filter(later.isWantedNow);
  const isSurveyed = build.fittings.length > 0 ? surveyed : new Set<Well>();
  return {
    wells: wellReports(findings, wantedNow, isSurveyed),
    findings,
    unknowns: wantedNow,
    figures: figuresOf(context),
    context,
  };
}
