import type { Build } from '../core/model/plan/build';
import { problemText } from '../core/base/validation/problem';
import { readBuildFile } from '../core/model/file/read-file';
import { applyEdits } from '../core/model/plan/edits';
import { askedFacts, openQuestions } from '../core/judgement/check/asked-facts';
import { checkBuild } from '../core/judgement/check/check-build';
import type { CheckResult } from '../core/judgement/check/check-result';
import { figuresOf } from '../core/judgement/check/figures';
import type { Finding, Settling } from '../core/judgement/findings/finding';
import { headWords } from '../core/judgement/findings/finding-words';
import { severityNames } from '../core/judgement/findings/severity';
import type { Reading } from '../core/reading/build-reading/reading';
import { wellNames, wells } from '../core/judgement/findings/wells';
import { writeBuildFile } from '../core/model/file/write-file';
import { failure, success, type Result } from '../core/base/result';
import { usualRun } from '../core/desk/trial/run-time';
import { starterLocker } from '../core/model/starter/starter-locker';

export interface CheckOptions {
  json: boolean;
  apply: string | undefined;
}

export interface CommandOutput {
  text: string;
  /** 0 fine, 1 an open `stop`. */
  exitCode: 0 | 1;
}

/** `hull check`: the findings of the screen, as text or JSON; or the build with one put-right applied. */
export function checkCommand(build: Build, { json, apply }: CheckOptions): Result<CommandOutput, string> {
  const result = checkBuild(build, starterLocker);
  if (apply !== undefined) {
    const patch = result.findings
      .flatMap((finding) => finding.patches)
      .find((candidate) => candidate.id === apply);
    if (!patch) return failure(`no finding of this build offers the patch "${apply}"`);
    const text = writeBuildFile(applyEdits(build, patch.edits));
    const read = readBuildFile(text);
    return read.ok
      ? success({ text, exitCode: 0 })
      : failure(`with the patch "${apply}" the build could not be read back: ${problemText(read.problem)}`);
  }
  const hasStop = result.findings.some((finding) => finding.severity === 'stop' && !finding.accepted);
  return success({ text: json ? checkJson(result) : checkText(build, result), exitCode: hasStop ? 1 : 0 });
}

/** What is asked, facts and figures together, those that settle most first. */
function questionsJson({ findings, unknowns, context }: CheckResult) {
  const facts = askedFacts(context.index, unknowns).map(
    ({ gap: { missing, subjects, asked }, verdicts }) => ({
      asks: missing,
      subjects,
      where: asked ?? 'sheet',
      settles: verdicts,
    }),
  );
  const figures = openQuestions(findings).map(({ settling, settles, minutes }) => ({
    asks: settling.words,
    subjects: [{ kind: 'fitting', id: settling.fitting }],
    where: 'sheet',
    settles,
    ...(minutes !== undefined && { minutes }),
    ...settlingJson(settling),
  }));
  return [...figures, ...facts].sort((a, b) => b.settles - a.settles);
}

const settlingJson = ({ name, low, likely, high, unit, tips }: Settling) => ({
  figure: name,
  low,
  likely,
  high,
  ...(unit && { unit }),
  tips,
});

function checkJson(result: CheckResult): string {
  const { wells: reports, findings, unknowns, context, likely } = result;
  const plain = {
    wells: reports,
    findings: findings.map(findingJson),
    unknowns: unknowns.map(({ answers, ...asked }) => ({
      ...asked,
      ...(answers && { answers: answers.map(({ id, label }) => ({ id, label })) }),
    })),
    questions: questionsJson(result),
    figures: { ...figuresOf(likely), ...runTimes(context) },
  };
  return `${JSON.stringify(plain, null, 2)}\n`;
}

/** Minutes that each pack lasts, as the Trial of the usual outing tells them: `tow-pack.runTimeMinutes`. */
function runTimes(context: Reading): Record<string, number> {
  const minutes = usualRun(context)?.minutes ?? new Map<string, number>();
  return Object.fromEntries(
    [...minutes].map(([id, value]) => [`${id}.runTimeMinutes`, Number(value.toFixed(2))]),
  );
}

function findingJson({ open, words: _, ...finding }: Finding) {
  const { settles } = open ?? {};
  return {
    ...finding,
    patches: finding.patches.map(({ id, label }) => ({ id, label })),
    ...(open && { atWorst: open.atWorst, isLikely: open.isLikely }),
    ...(settles && {
      low: settles.low,
      likely: settles.likely,
      high: settles.high,
      settles: { fitting: settles.fitting, words: settles.words, ...settlingJson(settles) },
    }),
  };
}

function checkText(build: Build, { wells: reports, findings, unknowns }: CheckResult): string {
  const lines = [build.name, ''];
  for (const well of wells) {
    const { state, headline } = reports[well];
    lines.push(`${wellNames[well].padEnd(11)}${state}${headline ? `, ${headline}` : ''}`);
  }
  for (const finding of findings) {
    const accepted = finding.accepted ? ', accepted' : '';
    lines.push(
      '',
      `${severityNames[finding.severity].toUpperCase()} (${wellNames[finding.well]}${accepted}): ${finding.text}.`,
    );
    lines.push(`  ${headWords(finding).head}; ${finding.provenance}`);
    lines.push(`  ${finding.why}`);
    for (const patch of finding.patches) lines.push(`  put right: ${patch.label}  [${patch.id}]`);
  }
  for (const asked of unknowns) lines.push('', `NOT KNOWN (${wellNames[asked.well]}): ${asked.missing}`);
  return `${lines.join('\n')}\n`;
}
