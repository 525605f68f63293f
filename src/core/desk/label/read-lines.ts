import { readLabel } from './read-label';
import type { LabelKind, LabelReading } from './reading';

/** Most lines that are read at once. */
export const mostLines = 60;

/** One line of several, with what it says or why it cannot be read. */
export interface ReadLine {
  line: string;
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
    .map((line, n) => {
      if (n >= mostLines) return { line, problem: `at most ${mostLines} lines are read at once` };
      const read = readLabel(line, kinds[line]);
      return read.ok ? { line, reading: read.value } : { line, problem: read.problem };
    });
