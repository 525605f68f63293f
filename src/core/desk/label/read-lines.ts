import { readLabel } from './read-label';
import type { LabelKind, LabelReading } from './reading';

/** Most lines that are read at once. */
const mostLines = 60;

/** How many, before what: at most a dozen. */
const several = /^(1[0-2]|[1-9]) ?[x×] (.+)$/i;

/** One line of several, with what it says or why it cannot be read. */
export interface ReadLine {
  line: string;
  /** How many of them there are: `4 x 380 motor`. */
  count: number;
  reading?: LabelReading;
  problem?: string;
}

/**
 * Labels, a line each, as typed or pasted from a list; cells of a table stand side by side.
 * @param kinds kinds that a person has said, by the line
 */
export const readLines = (text: string, kinds: Readonly<Record<string, LabelKind>> = {}): ReadLine[] =>
  text
    .split(/\r?\n/)
    .map((line) => line.replaceAll(/\s+/g, ' ').trim())
    .filter((line) => line !== '')
    .map((typed, n) => {
      const [, times, rest] = several.exec(typed) ?? [];
      const [line, count] = rest === undefined ? [typed, 1] : [rest, Number(times)];
      if (n >= mostLines) return { line, count, problem: `at most ${mostLines} lines are read at once` };
      const read = readLabel(line, kinds[line]);
      return read.ok ? { line, count, reading: read.value } : { line, count, problem: read.problem };
    });
