import fc from 'fast-check';
import { readBuildFile } from '../../src/core/model/file/read-file';
import { writeBuildFile } from '../../src/core/model/file/write-file';
import { changed, runs } from './any-build';

/**
 * Takes builds through runs of changes as the interface makes them, saves each and reads it back.
 * @returns how many came back the very same, and what was wrong with the first that did not
 */
export function editSequences(count: number, seed: number): { same: number; first?: string } {
  let same = 0;
  let first: string | undefined;
  for (const run of fc.sample(runs, { numRuns: count, seed })) {
    const text = writeBuildFile(changed(run));
    const read = readBuildFile(text);
    if (read.ok && writeBuildFile(read.value) === text) same += 1;
    else
      first ??= `${JSON.stringify(run)}: ${read.ok ? 'not the same' : `${read.problem.where} ${read.problem.why}`}`;
  }
  return { same, ...(first !== undefined && { first }) };
}
