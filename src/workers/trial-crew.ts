import { releaseProxy } from 'comlink';
import type { Build } from '../core/model/plan/build';
import type { Choice, ChoicePoint, ChoiceTry } from '../core/desk/trial/choice-bench';
import type { EstimatedFigure } from '../core/model/kinds/estimates';
import { summarise, type ToleranceResult, type ToleranceSample } from '../core/desk/trial/tolerance';
import type { TrialTask } from '../core/desk/trial/trial-task';
import { Lifeline } from './lifeline';
import type { TrialJobs } from './trial-jobs';

/** Workers that share a tolerance run; the first also does what is asked live. */
const crewSize = 2;

/** Runs a worker does before it is asked again: small, so that progress shows and cancelling is quick. */
const batch = 5;

const crew: Lifeline<TrialJobs>[] = [];

function worker(n: number): Lifeline<TrialJobs> {
  crew[n] ??= new Lifeline<TrialJobs>(
    () =>
      new Worker(new URL('./trial.worker.ts', import.meta.url), { type: 'module', name: `trial ${n + 1}` }),
  );
  return crew[n];
}

/** The worker for what is looked at now. */
export const liveWorker = (): Lifeline<TrialJobs> => worker(0);

export interface ToleranceTask {
  build: Build;
  task: TrialTask;
  estimates: readonly EstimatedFigure[];
  runs: number;
  seed: number;
}

/** Shares the runs among the crew. @param signal ends it between two batches; what was done is then lost */
export async function toleranceRun(
  { build, task, estimates, runs, seed }: ToleranceTask,
  signal: AbortSignal,
  onProgress: (done: number) => void,
): Promise<ToleranceResult> {
  // By batch, so that who was faster changes nothing.
  const batches: ToleranceSample[][] = [];
  let next = 0;
  let done = 0;
  const work = (n: number) => {
    // A batch that a broken worker had in hand is begun again.
    let inHand: number | undefined;
    return worker(n).do(async (jobs) => {
      const share = await jobs.tolerance(build, task, estimates, seed);
      try {
        while (inHand !== undefined || next < runs) {
          signal.throwIfAborted();
          const from = (inHand ??= next);
          const count = Math.min(batch, runs - from);
          next = Math.max(next, from + count);
          batches[from / batch] = await share.samples(from, count);
          inHand = undefined;
          done += count;
          onProgress(done);
        }
      } finally {
        share[releaseProxy]();
      }
    });
  };
  await Promise.all(Array.from({ length: crewSize }, (_, n) => work(n)));
  signal.throwIfAborted();
  return summarise(batches.flat(), estimates);
}

export interface ChoiceTask {
  build: Build;
  task: TrialTask;
  choice: Choice;
  values: readonly number[];
  moreCells: number;
}

/**
 * Tries the values of a choice, the crew sharing them; those that cannot be followed are left out.
 * @param onPoints is told all points known so far, whenever another is
 */
export async function choiceRun(
  { build, task, choice, values, moreCells }: ChoiceTask,
  signal: AbortSignal,
  onPoints: (points: readonly ChoicePoint[]) => void,
): Promise<ChoicePoint[]> {
  const found = new Map<number, ChoicePoint>();
  // From the middle outwards: what stands today comes first. All lines, then how sure each is.
  const middle = (values.length - 1) / 2;
  const outwards = [...values].sort(
    (a, b) => Math.abs(values.indexOf(a) - middle) - Math.abs(values.indexOf(b) - middle),
  );
  const order = [false, true].flatMap((withSpread) =>
    outwards.map((value): ChoiceTry => ({ choice, value, moreCells, withSpread })),
  );
  const work = async (n: number) => {
    for (let next = order.shift(); next !== undefined; next = order.shift()) {
      const choiceTry = next;
      const point = await worker(n).do(async (jobs) => await jobs.choice(build, task, choiceTry), signal);
      if (!point) continue;
      found.set(point.value, point);
      onPoints(inOrder(found));
    }
  };
  await Promise.all(Array.from({ length: crewSize }, (_, n) => work(n)));
  return inOrder(found);
}

const inOrder = (points: ReadonlyMap<number, ChoicePoint>): ChoicePoint[] =>
  [...points.values()].sort((a, b) => a.value - b.value);
