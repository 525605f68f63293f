import { motorKindOf } from './label-part';
import { readLabel } from './read-label';
import type { FigureName } from '../../model/kinds/figure-names';
import type { LabelFigure, LabelKind, LabelReading } from './reading';

/** Most lines that are read at once. */
const mostLines = 60;

/** How many, before what: at most a dozen; round cells are counted in their pack. */
const several = /^(1[0-2]|[1-9]) ?[x×] (?!aaa?\b)(.+)$/i;

/** What no part of a kind can be without, and nobody should guess: one of the figures, and what to add where none is there. */
const needed: Partial<Record<LabelKind, { of: FigureName[]; add: string }>> = {
  pack: { of: ['cells'], add: 'a battery needs its cells or its voltage: add “2S” or “7.4V”' },
  receiver: { of: ['channels'], add: 'a receiver needs its channels: add “6ch”' },
  transmitter: { of: ['channels'], add: 'a transmitter needs its channels: add “6ch”' },
  controller: {
    of: ['motorKind', 'minTurns'],
    add: 'an ESC is for one kind of motor: add “brushed” or “brushless”',
  },
};

/** What a person must add before a line is a part; nothing where it says enough. */
export function lackOf({ kind, figures }: LabelReading): string | undefined {
  const lack = needed[kind];
  return lack && !figures.some(({ name }) => lack.of.includes(name)) ? lack.add : undefined;
}

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
  told(
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
      }),
  );

/** Lines that say enough, an ESC among them that stands beside motors of one kind; of others what they lack. */
function told(lines: readonly ReadLine[]): ReadLine[] {
  const motors = lines.flatMap(({ line, reading }) =>
    reading?.kind === 'motor' ? [{ value: motorKindOf(reading), from: line }] : [],
  );
  const [motor] = new Set(motors.map(({ value }) => value)).size === 1 ? motors : [];
  return lines.map(({ reading, ...line }) => {
    if (!reading) return line;
    const lack = lackOf(reading);
    if (lack === undefined) return { ...line, reading };
    if (reading.kind !== 'controller' || !motor) return { ...line, problem: lack };
    const kind: LabelFigure = { name: 'motorKind', ...motor, isDerived: true };
    return { ...line, reading: { ...reading, figures: [...reading.figures, kind] } };
  });
}
