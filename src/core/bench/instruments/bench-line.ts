import 'reflect-metadata/lite';
import { IsIn, IsNumber, Max, Min } from 'class-validator';
import type { FileProblem } from '../../base/validation/problem';
import { isObject } from '../../base/validation/is-object';
import { firstProblem } from '../../base/validation/validate';
import { failure, success, type Result } from '../../base/result';
import { TextField } from '../../base/validation/text-field';

export const lineKinds = ['volts', 'amps', 'pulse'] as const;

/** What each kind of line is in. */
export const lineUnits = { volts: 'V', amps: 'A', pulse: 'µs' } as const;

/** One reading of an instrument at the bench, as it goes over the wire: one JSON object on a line of its own. */
export class BenchLine {
  /** Seconds since the instrument was switched on. */
  @IsNumber()
  @Min(0)
  @Max(1e6)
  at!: number;

  @IsIn(lineKinds)
  kind!: (typeof lineKinds)[number];

  /** What it hangs on: `meter` for the probes in hand, else a fitting. */
  @TextField({ most: 130 })
  of!: string;

  /** The same in words. */
  @TextField({ most: 120 })
  name!: string;

  /** In volts, amps or microseconds. */
  @IsNumber()
  @Min(-1e5)
  @Max(1e5)
  value!: number;
}

/** First line of a stream: what follows is of this form. */
export const benchHead = { format: 'dry-hull-bench', version: 1 } as const;

const mostLines = 100_000;

/** @param number of the line, for the message @returns why not, where it is no reading */
export function readBenchLine(text: string, number: number): Result<BenchLine, FileProblem> {
  const path = `line ${number}`;
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return failure({ where: path, why: 'is no JSON object' });
  }
  if (!isObject(data)) return failure({ where: path, why: 'is no JSON object' });
  const problem = firstProblem(BenchLine, data, path);
  return problem ? failure(problem) : success(data as unknown as BenchLine);
}

/** A whole recording: the head, then readings in the order of their times. Nothing of it is taken where a line is wrong. */
export function readRecording(text: string): Result<BenchLine[], FileProblem> {
  const rows = text.split(/\r?\n/).map((row) => row.trim());
  const numbered = rows.flatMap((row, n) => (row === '' ? [] : [{ row, number: n + 1 }]));
  const [head, ...rest] = numbered;
  if (!head || !isHead(head.row))
    return failure({
      where: 'line 1',
      why: `must be ${JSON.stringify(benchHead)}: this is no recording of bench instruments`,
    });
  if (rest.length > mostLines) return failure({ where: 'the file', why: `has more than ${mostLines} lines` });
  const lines: BenchLine[] = [];
  for (const { row, number } of rest) {
    const read = readBenchLine(row, number);
    if (!read.ok) return read;
    if (read.value.at < (lines.at(-1)?.at ?? 0))
      return failure({ where: `line ${number}`, why: 'is earlier than the line before it' });
    lines.push(read.value);
  }
  if (lines.length === 0) return failure({ where: 'the file', why: 'holds no reading' });
  return success(lines);
}

function isHead(row: string): boolean {
  try {
    const data: unknown = JSON.parse(row);
    return isObject(data) && data.format === benchHead.format && data.version === benchHead.version;
  } catch {
    return false;
  }
}
