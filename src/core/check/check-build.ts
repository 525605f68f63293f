import { BuildIndex } from '../build/build-index';
import type { Build } from '../build/build';
import type { PartSpec } from '../parts/part-spec';
import { packLoads } from '../power/pack-load';
import { powerPicture, type PackState } from '../power/power-picture';
import { railsOf } from '../power/rails';
import { signalPaths } from '../power/signals';
import { rules } from '../rules';
import type { CheckContext, OperatingView } from '../rules/rule';
import { buildPoint } from '../trial/build-point';
import { worstSecond } from '../trial/worst-second';
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

/** What the rules look at: the build traced and summed up. */
export function checkContext(build: Build, locker: readonly PartSpec[]): CheckContext {
  const index = new BuildIndex(build);
  const picture = powerPicture(index);
  const rails = railsOf(picture, build.policies);
  const solved = new Map<PackState, OperatingView | undefined>();
  const context: CheckContext = {
    build,
    index,
    picture,
    rails,
    packs: packLoads(index, picture, rails),
    paths: signalPaths(index, picture),
    worstSecond: (charge) => {
      if (!solved.has(charge)) {
        const point = buildPoint(context, worstSecond(context, charge));
        solved.set(charge, point.ok ? point.value : undefined);
      }
      return solved.get(charge);
    },
    locker,
  };
  return context;
}
