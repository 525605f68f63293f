import { failure, success, type Result } from '../core/base/result';
import { partFromLabel } from '../core/desk/label/label-part';
import { figureWords } from '../core/desk/label/label-words';
import { unitOf } from '../core/model/kinds/figure-names';
import { presumedWords } from '../core/model/kinds/presumed';
import { presumedFigures } from '../core/model/kinds/usual-sheet';
import { lackOf } from '../core/desk/label/read-lines';
import { readLabel } from '../core/desk/label/read-label';
import type { CommandOutput } from './check-command';

/** What a label says, and what is usual where it is silent. */
export function partCommand(line: string, { json }: { json: boolean }): Result<CommandOutput, string> {
  const read = readLabel(line);
  if (!read.ok) return failure(read.problem);
  const { part, refused } = partFromLabel(read.value, line, 'label');
  const figures = read.value.figures.filter((figure) => !refused.includes(figure));
  const unread = [...read.value.unread, ...refused.map(({ from }) => from)];
  const presumed = presumedFigures(part);
  const lack = lackOf(read.value);
  if (json) {
    const answer = {
      kind: read.value.kind,
      ...(read.value.name && { name: read.value.name }),
      figures: [
        ...figures.map(({ name, value, from, atVolts, chemistry, isDerived }) => ({
          name,
          value,
          ...(unitOf[name] && { unit: unitOf[name] }),
          provenance: isDerived ? 'presumed' : 'stated',
          from,
          ...(atVolts !== undefined && { atVolts }),
          ...(chemistry && { chemistry }),
        })),
        ...presumed.map(({ name, value, low, high, why }) => ({
          name,
          value,
          low,
          high,
          ...(unitOf[name] && { unit: unitOf[name] }),
          provenance: 'presumed',
          why,
        })),
      ],
      unread,
      ...(lack && { lacks: lack }),
    };
    return success({ text: `${JSON.stringify(answer, null, 2)}\n`, exitCode: 0 });
  }
  const lines = [
    `${read.value.kind}${read.value.name ? `, ${read.value.name}` : ''}`,
    ...figures.map((figure) => `  ${figureWords(figure)}, from “${figure.from}”`),
    ...presumed.map((figure) => `  ${presumedWords(figure)}, ${figure.why}`),
    ...(lack ? [`  lacks: ${lack}`] : []),
    ...(unread.length > 0 ? [`  not understood: ${unread.join(', ')}`] : []),
  ];
  return success({ text: `${lines.join('\n')}\n`, exitCode: 0 });
}
