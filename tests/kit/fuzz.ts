import { checkBuild } from '../../src/core/judgement/check/check-build';
import { readBuildFile } from '../../src/core/model/file/read-file';
import { writeBuildFile } from '../../src/core/model/file/write-file';
import { readingOf } from '../../src/core/reading/build-reading/reading';
import { spiceText } from '../../src/core/physics/network/spice';
import type { Build } from '../../src/core/model/plan/build';
import { planProcedure } from '../../src/core/bench/procedure/plan-procedure';
import { stepStates } from '../../src/core/bench/procedure/step-states';
import { markdownSheet } from '../../src/core/bench/sheet/markdown-sheet';
import { starterLocker } from '../../src/core/model/starter/starter-locker';
import { outingsOf } from '../../src/core/desk/trial/outings';
import { proposeWiring } from '../../src/core/desk/wiring/propose-wiring';
import { mutated } from './mutate';

/** Longest that one file may take, in milliseconds. */
const patience = 2000;
const noNumber = /\bNaN\b|\bundefined\b|\[object Object\]/;

/** Reads spoilt copies of files, and works on what is let in. @throws at the first that crashes, hangs or shows no number */
export function fuzz(
  texts: readonly string[],
  count: number,
  seed: number,
): { refused: number; accepted: number } {
  const files = texts.map((text) => JSON.parse(text) as unknown);
  const figures = { refused: 0, accepted: 0 };
  for (let n = 0; n < count; n += 1) {
    const file = mutated(files[n % files.length], seed * 1_000_003 + n);
    const started = performance.now();
    try {
      const read = readBuildFile(JSON.stringify(file));
      if (read.ok) workOn(read.value, n % 10 === 0);
      else if (read.problem.where === '' || read.problem.why === '')
        throw new Error('refused without a reason');
      figures[read.ok ? 'accepted' : 'refused'] += 1;
    } catch (error) {
      throw new Error(`file ${n} of seed ${seed}: ${String(error)}`, { cause: error });
    }
    const took = performance.now() - started;
    if (took > patience) throw new Error(`file ${n} of seed ${seed} took ${took.toFixed(0)} ms`);
  }
  return figures;
}

/** Everything that a build can be asked. */
function workOn(build: Build, isThorough: boolean): void {
  const check = checkBuild(build, starterLocker);
  const said = JSON.stringify([
    check.wells,
    check.unknowns,
    check.findings.map(({ text, why, headline, actual, limit, margin }) => [
      text,
      why,
      headline,
      Number.isFinite(actual) && Number.isFinite(limit) && Number.isFinite(margin) ? 'finite' : 'NaN',
    ]),
  ]);
  const steps = planProcedure(check.context);
  const sheet = markdownSheet(check);
  stepStates(build, steps, check.findings);
  outingsOf(build);
  const { circuit } = readingOf(build, starterLocker);
  const point = circuit.at('given', 'nominal');
  const netlist = point ? spiceText(build.name, point.elements, point.nodeVolts()) : '';
  for (const text of [said, JSON.stringify(steps), sheet, netlist]) {
    const found = noNumber.exec(text);
    if (found) throw new Error(`shows ${text.slice(Math.max(found.index - 60, 0), found.index + 40)}`);
  }
  const again = readBuildFile(writeBuildFile(build));
  if (!again.ok) throw new Error(`cannot be read back: ${again.problem.where} ${again.problem.why}`);
  if (isThorough) proposeWiring(build, starterLocker, new Set());
}
