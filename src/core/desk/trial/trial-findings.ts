import type { Reading } from '../../reading/build-reading/reading';
import type { Finding } from '../../judgement/findings/finding';
import { renderReport } from '../../judgement/check/render';
import { fittingSubject, type Report } from '../../judgement/findings/report';
import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import { solvedTerm, plannedTerm } from '../../judgement/rules/support/terms';
import { trialRules, type TrialView } from './trial-rules';
import type { TrialEvent, TrialResult } from './trial-result';

/** The findings of an outing, one for each part and kind of trouble, with when and for how long. */
export function trialFindings(context: Reading, result: TrialResult, outingName: string): Finding[] {
  const acceptances = new Map(
    context.build.acceptances.map((acceptance) => [acceptance.finding, acceptance]),
  );
  const groups = new Map<string, TrialEvent[]>();
  for (const event of result.events) {
    const key = `${event.kind} ${event.subject}`;
    groups.set(key, [...(groups.get(key) ?? []), event]);
  }
  return [...groups.values()].flatMap((events) => {
    const [first] = events as [TrialEvent];
    const rule = trialRules[first.kind];
    const fittingId = first.subject.replace(/\.bec$/, '');
    const view: TrialView = { context, result, events, fittingId };
    const numbers = rule.numbers(view);
    if (!numbers) return [];
    const fitted = context.index.get(fittingId);
    const isRegulator = first.kind === 'limit' || first.subject !== fittingId;
    const span = events.reduce((sum, event) => sum + event.until - event.at, 0);
    const report: Report<string> = {
      messageId: rule.messageId,
      data: {
        part: isRegulator ? regulatorName(fitted) : fitted.fitting.name,
        times: events.length === 1 ? 'once' : `${events.length} times`,
        at: first.at.toFixed(1),
        span: span.toFixed(1),
        outing: outingName,
      },
      subjects: [fittingSubject(fittingId)],
      ...numbers,
      terms: [
        plannedTerm('charge of the packs at the start', 100 * (result.charge[0]?.values[0] ?? 0), '%'),
        solvedTerm('lowest volts at the receiver', result.figures.railMinVolts, 'V'),
        solvedTerm('most amps from the packs', result.figures.mostPackAmps, 'A'),
      ],
      formula: `the network of the build, followed through the outing in ${result.steps} steps; ${result.estimates.length} of its figures are estimates`,
      offers: () => rule.offers?.(view) ?? [],
    };
    return [renderReport(rule, report, acceptances)];
  });
}
