import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Build } from '../src/core/model/plan/build';
import { readingOf } from '../src/core/reading/build-reading/reading';
import { readBuildFile } from '../src/core/model/file/read-file';
import { Network } from '../src/core/physics/network/network';
import { SparseLu } from '../src/core/physics/network/sparse-lu';
import { Recorder } from '../src/core/desk/trial/recorder';
import { SnapshotKeeper } from '../src/core/desk/trial/snapshots';
import { operatingPoint } from '../src/core/physics/network/operating-point';
import { networkOf, type NetworkCase } from '../src/core/physics/network/reference-form';
import { solveCourse } from '../src/core/physics/transient/transient-case';
import { buildElements } from '../src/core/reading/circuit/build-elements';
import { Estimates } from '../src/core/model/kinds/estimates';
import { outingsOf } from '../src/core/desk/trial/outings';
import { runTrial } from '../src/core/desk/trial/run-trial';
import { usualTask } from '../src/core/desk/trial/trial-task';
import { spiceCourse } from './spice-course';

/** Milliseconds of the middle one of several rounds, after some to warm up. */
function medianMilliseconds(rounds: number, warmUp: number, work: () => void): number {
  const times: number[] = [];
  for (let round = 0; round < rounds + warmUp; round += 1) {
    const start = performance.now();
    work();
    if (round >= warmUp) times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)]!;
}

const rounded = (value: number): number => Number(value.toPrecision(4));

export function demo(name: string): Build {
  const read = readBuildFile(readFileSync(path.join('demo', `${name}.dryhull.json`), 'utf8'));
  if (!read.ok) throw new Error(read.problem.why);
  return read.value;
}

/** Milliseconds that solving a build's operating point takes, its network already made. */
export function pointMilliseconds(build: Build): number {
  const { survey, circuit } = readingOf(build, []);
  const { elements } = buildElements(survey, circuit.conditions('given', 'nominal'), new Estimates());
  const network = networkOf(elements, true);
  return rounded(medianMilliseconds(60, 30, () => operatingPoint(network)));
}

/** Milliseconds of an outing of a build, cut or stretched to some seconds. */
export function outingMilliseconds(build: Build, outingId: string, seconds?: number): number {
  const outing = outingsOf(build).find((candidate) => candidate.id === outingId)!;
  const task = usualTask(seconds === undefined ? outing : { ...outing, seconds });
  const context = readingOf(build, []);
  return rounded(medianMilliseconds(7, 3, () => runTrial(context, task)));
}

/** Percent of an outing's time in devices, in the matrix, in recording and watching, and in all else. */
export function outingShares(build: Build, outingId: string): Record<string, number> {
  const spent = new Map<string, number>();
  const restore = [
    timed(Network.prototype, 'evaluate', 'devices', spent),
    timed(SparseLu.prototype, 'factor', 'matrix', spent),
    timed(SparseLu.prototype, 'solve', 'matrix', spent),
    timed(Recorder.prototype, 'add', 'recording', spent),
    timed(SnapshotKeeper.prototype, 'add', 'recording', spent),
  ];
  const task = usualTask(outingsOf(build).find((candidate) => candidate.id === outingId)!);
  const context = readingOf(build, []);
  for (let n = 0; n < 3; n += 1) runTrial(context, task);
  spent.clear();
  const start = performance.now();
  runTrial(context, task);
  const whole = performance.now() - start;
  for (const back of restore) back();
  return Object.fromEntries(
    [...spent].map(([name, milliseconds]) => [name, rounded((100 * milliseconds) / whole)]),
  );
}

/** Adds up the milliseconds that a method takes, by a name. @returns what puts the method back as it was */
function timed<Name extends string>(
  prototype: Record<Name, (...args: never[]) => unknown>,
  method: Name,
  name: string,
  spent: Map<string, number>,
): () => void {
  const own = prototype[method];
  prototype[method] = function (this: unknown, ...args: never[]) {
    const start = performance.now();
    const result = own.apply(this, args);
    spent.set(name, (spent.get(name) ?? 0) + performance.now() - start);
    return result;
  };
  return () => {
    prototype[method] = own;
  };
}

/** Our own time for a solved case, and how many times longer the circuit simulator says its analysis took. */
export function caseFigures(id: string): Record<string, number> {
  const file = { 'tr-02': 'tr-02-three-servos-reverse-together', 'tr-06': 'tr-06-screw-reversed-load' }[id];
  const solved = JSON.parse(readFileSync(path.join('tests/cases', `${file}.json`), 'utf8')) as NetworkCase & {
    analysis: { kind: 'transient'; seconds: number; step: number };
  };
  const ours = medianMilliseconds(15, 8, () => solveCourse(solved));
  const place = mkdtempSync(path.join(tmpdir(), 'bench-'));
  writeFileSync(path.join(place, 'case.cir'), spiceCourse(solved));
  const theirs: number[] = [];
  for (let round = 0; round < 3; round += 1) {
    const { stdout, stderr } = spawnSync('ngspice', ['-b', path.join(place, 'case.cir')], {
      encoding: 'utf8',
    });
    const seconds = /Total analysis time \(seconds\) = ([\d.]+)/.exec(`${stdout}${stderr}`)?.[1];
    if (seconds) theirs.push(1000 * Number(seconds));
  }
  rmSync(place, { recursive: true, force: true });
  const median = theirs.sort((a, b) => a - b)[Math.floor(theirs.length / 2)];
  return {
    [`course.${id}.medianMilliseconds`]: rounded(ours),
    ...(median !== undefined && {
      [`course.${id}.simulatorMilliseconds`]: rounded(median),
      [`course.${id}.timesFaster`]: rounded(median / ours),
    }),
  };
}

/** Seconds that some runs of a sixty-second outing with varied estimates take two workers. */
export async function toleranceSeconds(runs: number): Promise<number> {
  const workers = [0, 1].map(() => new Worker(path.resolve('dist/bench/bench-worker.js'), { stderr: false }));
  await Promise.all(workers.map((worker) => new Promise((resolve) => worker.once('message', resolve))));
  const start = performance.now();
  await Promise.all(
    workers.map(
      (worker, n) =>
        new Promise((resolve) => {
          worker.once('message', resolve);
          worker.postMessage({ from: (n * runs) / 2, count: runs / 2 });
        }),
    ),
  );
  const seconds = (performance.now() - start) / 1000;
  await Promise.all(workers.map((worker) => worker.terminate()));
  return rounded(seconds);
}
