/** Times what the bench asks of the core: the table of faults, a frame of the rehearsal, learning from a day's readings. */
import { calibrate } from '../src/core/bench/calibration/calibrate';
import { readingOf } from '../src/core/reading/build-reading/reading';
import { faultTable } from '../src/core/bench/faults/fault-table';
import type { Build } from '../src/core/model/plan/build';
import { LiveBench } from '../src/core/bench/rehearsal/live-bench';
import { outingsOf } from '../src/core/desk/trial/outings';
import { usualTask } from '../src/core/desk/trial/trial-task';

const frame = 1 / 60;
const drivenSeconds = 10;

function milliseconds(job: () => void): number {
  const start = performance.now();
  job();
  return performance.now() - start;
}

/** Steps of a rehearsal with every control on the move, in order of their length. */
function stepMilliseconds(build: Build): number[] {
  const bench = new LiveBench(build);
  const sticks = new Map<string, number>();
  const hands = { isTransmitterOn: true, isPackIn: true, sticks, held: undefined };
  for (let seconds = 0; seconds < 5; seconds += frame) bench.step(frame, hands);
  const times: number[] = [];
  for (let seconds = 0; seconds < drivenSeconds; seconds += frame) {
    for (const { id } of build.functions) sticks.set(id, Math.sin(seconds));
    times.push(milliseconds(() => bench.step(frame, hands)));
  }
  return times.sort((a, b) => a - b);
}

/** Figures of the bench for a build, keys as the benchmark names them. */
export function benchFigures(build: Build): Record<string, number> {
  const context = readingOf(build, []);
  const steps = stepMilliseconds(build);
  const readings = [
    { what: 'topSpeed', value: 6.4 },
    { what: 'fullAmps', value: 15 },
    { what: 'heldVolts:tow-winch', value: 4.6 },
  ];
  const task = usualTask(outingsOf(build)[0]!);
  return {
    'faults.tug.tableMilliseconds': Math.round(milliseconds(() => faultTable(context))),
    'rehearsal.tugDriven.stepMedianMilliseconds': Number(steps[steps.length >> 1]!.toFixed(2)),
    'rehearsal.tugDriven.stepP95Milliseconds': Number(steps[Math.floor(0.95 * steps.length)]!.toFixed(2)),
    'calibrate.tug3readings.milliseconds': Math.round(
      milliseconds(() => calibrate(context, task, readings, new Date(0).toISOString())),
    ),
  };
}
