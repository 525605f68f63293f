import { headWords } from '../../judgement/findings/finding-words';
import { severityNames } from '../../judgement/findings/severity';
import type { CheckResult } from '../../judgement/check/check-result';
import type { Finding } from '../../judgement/findings/finding';
import { wells, wellNames } from '../../judgement/findings/wells';
import { assumedColours, leadRows } from '../../desk/loom/lead-rows';
import { partLines } from '../../desk/loom/part-lines';
import { cautions } from '../procedure/cautions';
import { planProcedure } from '../procedure/plan-procedure';
import { phases, phaseNames } from '../procedure/step';
import { controllerSheet } from './controller-sheet';
import { radioSheet } from './radio-sheet';
import { capital } from '../../base/words/sentences';

/** The wiring sheet to hold beside the model, as Markdown: parts, leads, channels, steps, findings, cautions. */
export function markdownSheet(check: CheckResult): string {
  const { build } = check.context;
  return `${[
    `# Wiring sheet: ${plain(build.name)}`,
    `${capital(build.model)}, ${build.fittings.length} parts, ${build.leads.length} leads. ${wellWords(check)}.`,
    ...section('Parts', partTable(check)),
    ...section('Leads', leadTable(check)),
    ...(leadRows(check.context).some(({ isAssumed }) => isAssumed) ? [assumedColours] : []),
    ...[...radioSheet(check.context), controllerSheet(check.context)].flatMap((each) =>
      each ? section(each.title, table(each.heads, each.rows)) : [],
    ),
    ...section('Still open', findingLines(check.findings.filter((finding) => !finding.accepted))),
    ...section('Accepted', findingLines(check.findings.filter((finding) => finding.accepted))),
    ...section(
      'Not known',
      check.unknowns.map((asked) => `- ${plain(asked.missing)}`),
    ),
    ...section('Steps', stepLines(check)),
    ...section('Cautions', cautionLines(check)),
  ].join('\n\n')}\n`;
}

/** Text that reads as it stands: what Markdown takes for tags, links, tables or emphasis is escaped. */
export const plain = (text: string): string => text.replace(/[\\`*_[\]<>|]/g, '\\$&');

function section(title: string, lines: readonly string[]): string[] {
  return lines.length === 0 ? [] : [`## ${title}`, lines.join('\n')];
}

const wellWords = ({ wells: reports }: CheckResult): string =>
  wells.map((well) => `${wellNames[well]} ${reports[well].state}`).join(', ');

function table(heads: readonly string[], rows: readonly (readonly string[])[]): string[] {
  if (rows.length === 0) return [];
  const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
  return [line(heads), line(heads.map(() => '---')), ...rows.map((row) => line(row.map(plain)))];
}

function partTable({ context }: CheckResult): string[] {
  return table(
    ['Part', 'Sheet', 'In this build'],
    context.index
      .pieces()
      .map((fitted) => [
        capital(fitted.fitting.name),
        fitted.part.name,
        partLines(context, fitted).join('; '),
      ]),
  );
}

function leadTable({ context }: CheckResult): string[] {
  return table(
    ['From', 'To', 'Wires', 'Plugs', 'Carries'],
    leadRows(context).map((row) => [
      row.from,
      row.to,
      row.conductors.join(', '),
      row.fits ? row.plugs : `${row.plugs}: do not fit`,
      row.carries,
    ]),
  );
}

function findingLines(findings: readonly Finding[]): string[] {
  return findings.map((finding) => {
    const reason = finding.reason ? ` Accepted: ${plain(finding.reason)}` : '';
    return `- **${severityNames[finding.severity]}**, ${wellNames[finding.well]}: ${plain(finding.text)}. ${headWords(finding).head}.${reason}`;
  });
}

function stepLines({ context }: CheckResult): string[] {
  const steps = planProcedure(context);
  return phases.flatMap((phase) => {
    const here = steps.filter((step) => step.phase === phase);
    if (here.length === 0) return [];
    return [
      `**${phaseNames[phase]}**`,
      ...here.map((step) => `- [ ] ${plain(`${step.title}. ${step.lines.join(' ')}`)}`),
    ];
  });
}

function cautionLines({ context }: CheckResult): string[] {
  const needed = new Set(planProcedure(context).flatMap((step) => step.cautions));
  const lines = [...needed].map((id) => `- ${cautions[id]}`);
  return [...lines, '- Local law, the maker’s sheet and a qualified person go before this sheet.'];
}
