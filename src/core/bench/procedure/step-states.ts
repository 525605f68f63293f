import type { Build } from '../../model/plan/build';
import type { Tick } from '../../model/plan/records';
import { stopsLikely, type Finding } from '../../judgement/findings/finding';
import type { HeldBy } from './held-by';
import type { Measurement, Step } from './step';
import { isStill } from './tick';

/** Where a step stands: open, done, done once but the build has changed under it, or measured out of its band. */
export interface StepState {
  step: Step;
  state: 'open' | 'done' | 'changed' | 'outOfBand';
  tick: Tick | undefined;
  heldBy: HeldBy | undefined;
  verdict: ReadingVerdict | undefined;
}

export type ReadingVerdict = 'good' | 'low' | 'high';

/** The states of all steps. Powered steps are held by a `stop` that stands, by one that is likely, or by an earlier hold not done yet, or by a reading out of its band. */
export function stepStates(build: Build, steps: readonly Step[], findings: readonly Finding[]): StepState[] {
  const ticks = new Map(build.ticks.map((tick) => [tick.step, tick]));
  const stops = findings.filter((finding) => stopsLikely(finding) && !finding.accepted);
  let pending: Step | undefined;
  return steps.map((step) => {
    const tick = ticks.get(step.id);
    const verdict =
      step.measurement && tick?.reading !== undefined ? judge(step.measurement, tick.reading) : undefined;
    const state = stateOf(build, step, tick, verdict);
    const heldBy = holdOn(step, stops, pending);
    if (state === 'outOfBand' || (step.isHold && state !== 'done')) pending ??= step;
    return { step, state, tick, heldBy, verdict };
  });
}

function stateOf(
  build: Build,
  step: Step,
  tick: Tick | undefined,
  verdict: ReadingVerdict | undefined,
): StepState['state'] {
  if (!tick) return 'open';
  if (!isStill(build, step, tick)) return 'changed';
  return verdict === undefined || verdict === 'good' ? 'done' : 'outOfBand';
}

function holdOn(step: Step, stops: Finding[], pending: Step | undefined): HeldBy | undefined {
  if (!step.needsPower) return undefined;
  if (stops.length > 0) return { by: 'stops', findings: stops };
  return pending && { by: 'step', step: pending };
}

/** Whether a reading lies in the band that the plan expects. */
function judge({ least, most }: Measurement, reading: number): ReadingVerdict {
  if (reading < least) return 'low';
  return reading > most ? 'high' : 'good';
}
