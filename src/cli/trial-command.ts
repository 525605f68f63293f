import type { Build } from '../core/model/plan/build';
import type { Outing } from '../core/model/plan/outing';
import { readingOf } from '../core/reading/build-reading/reading';
import { failure, success, type Result } from '../core/base/result';
import { starterLocker } from '../core/model/starter/starter-locker';
import { firstToGive, pushes } from '../core/desk/trial/first-to-give';
import { outingsOf } from '../core/desk/trial/outings';
import { checkBuild } from '../core/judgement/check/check-build';
import { burning, verdictOf, verdictUnder, type Verdict } from '../core/desk/trial/verdict';
import { runTrial } from '../core/desk/trial/run-trial';
import { estimatesOf, summarise, toleranceSample, type ToleranceResult } from '../core/desk/trial/tolerance';
import { trialRows } from '../core/desk/trial/trial-rows';
import { trialFindings } from '../core/desk/trial/trial-findings';
import type { TrialResult } from '../core/desk/trial/trial-result';
import { usualTask } from '../core/desk/trial/trial-task';
import type { CommandOutput } from './check-command';

export interface TrialOptions {
  json: boolean;
  outing: string | undefined;
  runs: number;
  seed: number;
}

/** `hull trial`: takes a build through an outing, and through it again with every estimate varied. */
export function trialCommand(build: Build, options: TrialOptions): Result<CommandOutput, string> {
  const outings = outingsOf(build);
  const outing = options.outing === undefined ? outings[0] : find(outings, options.outing);
  if (!outing)
    return failure(
      `no outing "${options.outing ?? ''}"; there are ${outings.map((each) => each.id).join(', ')}`,
    );
  const context = readingOf(build, starterLocker);
  const task = usualTask(outing);
  const run = runTrial(context, task);
  if (!run.ok)
    return failure(
      run.problem.reason === 'stopped'
        ? 'stopped'
        : `${run.problem.reason} at ${run.problem.at}, ${run.problem.seconds.toFixed(3)} s`,
    );
  const findings = trialFindings(context, run.value, outing.name);
  const estimates = run.value.estimates;
  const samples = Array.from({ length: options.runs }, (_, n) =>
    toleranceSample(context, task, estimates, options.seed, n),
  ).filter((candidate) => candidate !== undefined);
  const tolerance = options.runs > 0 ? summarise(samples, estimatesOf(context, task)) : undefined;
  const gives = pushes.map((push) => firstToGive(build, task, push));
  const stops = burning(checkBuild(build, starterLocker).findings);
  const hasStop =
    stops.length > 0 || findings.some((finding) => finding.severity === 'stop' && !finding.accepted);
  const { events, figures } = run.value;
  const text = options.json
    ? `${JSON.stringify({ outing: outing.id, seconds: outing.seconds, stops: stops.map(({ id, text }) => ({ id, text })), figures, events, findings: findings.map(({ patches, ...other }) => ({ ...other, patches: patches.map(({ id, label }) => ({ id, label })) })), firstToGive: gives, ...(tolerance && { tolerance }) }, null, 2)}\n`
    : trialText(
        outing,
        run.value,
        verdictUnder(stops, verdictOf(run.value, tolerance)),
        tolerance,
        gives.map((way) => way.words),
      );
  return success({ text, exitCode: hasStop ? 1 : 0 });
}

const find = (outings: readonly Outing[], name: string): Outing | undefined =>
  outings.find((outing) => outing.id === name) ??
  outings.find((outing) => outing.name.toLowerCase() === name.toLowerCase());

function trialText(
  { name, seconds }: Outing,
  result: TrialResult,
  verdict: Verdict,
  tolerance: ToleranceResult | undefined,
  gives: readonly string[],
): string {
  const { railMinAt, brownOuts } = result.figures;
  const [lowest, ...others] = trialRows(result, tolerance);
  const rows = [
    { ...lowest!, note: `at ${railMinAt.toFixed(1)} s; ${lowest!.note}` },
    { name: 'brown-outs', value: String(brownOuts), note: '' },
    ...others,
  ];
  const lines = [
    `${name}, ${seconds} s`,
    verdict.words,
    '',
    ...rows.map(({ name, value, note }) => `${name.padEnd(24)}${value}${note && `; ${note}`}`),
  ];
  for (const { at, until, words } of result.events)
    lines.push(`${at.toFixed(2)}–${until.toFixed(2)} s  ${words}`);
  lines.push('', 'Gives first:', ...gives.map((text) => `  ${text}`));
  if (tolerance) {
    const { runs, brownOutShare, influences } = tolerance;
    lines.push(
      '',
      `${runs} runs with every estimate varied: ${(100 * brownOutShare).toFixed(0)} % brown out.`,
    );
    for (const { estimate, onRail } of influences.slice(0, 3))
      lines.push(`  worth measuring: ${estimate.words} (${onRail.toFixed(2)})`);
  }
  return `${lines.join('\n')}\n`;
}
