import type { Build } from '../plan/build';
import { carrierId } from '../plan/component-id';
import type { Tick } from '../plan/records';
import { stepText, type Step } from './step';

/** What a step rests on: the very parts it touches, as `fitting=part`; of a component, the board it sits on. */
function basisOf(build: Build, { touches }: Step): string[] {
  const parts = new Map(build.fittings.map((fitting) => [fitting.id, fitting.part]));
  return touches.map((id) => `${id}=${parts.get(carrierId(id)) ?? ''}`).sort();
}

/** The record that a step was done, or that a figure was read at it. */
export function tickOf(build: Build, step: Step, on: string, reading?: number): Tick {
  const tick = { step: step.id, said: stepText(step), basis: basisOf(build, step), on };
  return reading === undefined ? tick : { ...tick, reading };
}

/** Why a step that was ticked is to be looked at again. */
export const changedWords = (step: Step, tick: Tick): string =>
  tick.said === stepText(step)
    ? 'Another part stands here since you ticked this: do it again.'
    : `The build has changed since you ticked this. Then it said: “${tick.said}”`;

/** Whether what was ticked is still what stands there: the same words, about the same parts. */
export function isStill(build: Build, step: Step, tick: Tick): boolean {
  const sameParts = tick.basis === undefined || tick.basis.join() === basisOf(build, step).join();
  return sameParts && tick.said === stepText(step);
}
