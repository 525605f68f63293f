import type { FileProblem } from '../../base/validation/problem';
import { failure, success, type Result } from '../../base/result';
import type { SheetTable } from '../sheet/sheet-table';
import { benchHead, readBenchLine, readRecording, type BenchLine } from './bench-line';

const heads = ['at', 'kind', 'of', 'name', 'value'] as const;

/** A recording as a table, a row for each reading: what a spreadsheet or another logger takes. */
export const recordingTable = (lines: readonly BenchLine[]): SheetTable => ({
  title: 'bench recording',
  heads,
  rows: lines.map((line) => heads.map((head) => String(line[head]))),
});

/** A recording as it goes over the wire: the head, then a JSON object a line. */
export const writeRecording = (lines: readonly BenchLine[]): string =>
  [benchHead, ...lines].map((line) => `${JSON.stringify(line)}\n`).join('');

/** A recording from the rows of a table, its heads first, in any order of columns. Nothing is taken where a row is wrong. */
export function readRecordingTable(rows: readonly (readonly string[])[]): Result<BenchLine[], FileProblem> {
  const [first = [], ...rest] = rows.filter((row) => row.some((cell) => cell.trim() !== ''));
  const named = first.map((cell) => cell.trim().toLowerCase());
  const missing = heads.filter((head) => !named.includes(head));
  if (missing.length > 0)
    return failure({
      where: 'line 1',
      why: `must name the columns ${heads.join(', ')}: ${missing.join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing`,
    });
  const told = rest.map((row) =>
    JSON.stringify(
      Object.fromEntries(
        heads.map((head) => {
          const cell = unescaped((row[named.indexOf(head)] ?? '').trim());
          const isNumber = (head === 'at' || head === 'value') && cell !== '';
          return [head, isNumber ? Number(cell) : cell];
        }),
      ),
    ),
  );
  for (const [n, text] of told.entries()) {
    const read = readBenchLine(text, n + 2);
    if (!read.ok) return read;
  }
  const read = readRecording([JSON.stringify(benchHead), ...told].join('\n'));
  return read.ok ? success(read.value) : read;
}

/** A cell without the quote that keeps a spreadsheet from taking it for a formula: below zero a reading has one. */
const unescaped = (cell: string): string => cell.replace(/^'(?=[=+\-@])/, '');
