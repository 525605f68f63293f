import { parse } from 'papaparse';
import type { FileProblem } from '../../core/base/validation/problem';
import { readRecording, type BenchLine } from '../../core/bench/instruments/bench-line';
import { readRecordingTable } from '../../core/bench/instruments/recording-table';
import type { Result } from '../../core/base/result';

/** Which files hold a recording: lines as they went over the wire, or a table. */
export const recordingFiles = '.ndjson,.jsonl,.csv,.txt,application/x-ndjson,text/csv';

/** A recording of bench instruments from the text of a file, in either form. */
export const openRecording = (text: string): Result<BenchLine[], FileProblem> =>
  text.trimStart().startsWith('{')
    ? readRecording(text)
    : readRecordingTable(parse<string[]>(text, { skipEmptyLines: true }).data);
