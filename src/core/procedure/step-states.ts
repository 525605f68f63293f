import type { Build } from '../build/build';
import type { Tick } from '../build/records';
import type { Finding } from '../check/finding';
import { stepText, type Measurement, type Step } from './step';

export type HeldBy = { by: 'stops'; findings: Finding[] } | { by: 'step'; step: Step };

/** Where a step stands: open, done, or done once but the build has changed under it. */
export interface StepState {
  step: Step;
  state: 'open' | 'done' | 'changed';
  tick: Tick | undefined;
  heldBy: HeldBy | undefined;
  verdict: ReadingVerdict | undefined;
}

export type ReadingVerdict = 'good' | 'low' | 'high';

/** The states of all steps. Powered steps are held by an open `stop`, or by an earlier hold not done yet. */
export function stepStates(build: Build, steps: readonly Step[], findings: readonly Finding[]): StepState[] {
  const ticks = new Map(build.ticks.map((one) => [one.step, one]));
  const stops = findings.filter((one) => one.severity === 'stop' && !one.accepted);
  let pending: Step | undefined;
  return steps.map((step) => {
    const tick = ticks.get(step.id);
    const state = !tick ? 'open' : tick.said === stepText(step) ? 'done' : 'changed';
    const heldBy = holdOn(step, stops, pending);
    if (step.isHold && state !== 'done') pending ??= step;
    const verdict =
      step.measurement && tick?.reading !== undefined ? judge(step.measurement, tick.reading) : undefined;
    return { step, state, tick, heldBy, verdict };
  });
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
