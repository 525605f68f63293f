import type { Build } from '../../model/plan/build';
import { carrierId } from '../../model/fitting/component-id';
import { mostMinutes, type Tick } from '../../model/plan/records';
import { failure, success, type Result } from '../../base/result';
import { stepText, type Step } from './step';
import type { HeldBy } from './held-by';

/** What a step rests on: the very parts it touches, as `fitting=part`; of a component, the board it sits on. */
function basisOf(build: Build, { touches }: Step): string[] {
  const parts = new Map(build.fittings.map((fitting) => [fitting.id, fitting.part]));
  return touches.map((id) => `${id}=${parts.get(carrierId(id)) ?? ''}`).sort();
}

/** What is told of a step that was done. */
interface Done {
  /** ISO date. */
  on: string;
  /** What was measured, in the step's unit. */
  reading?: number | undefined;
  /** Why it was done though something held it. */
  reason?: string | undefined;
  /** How long it was in hand, in minutes. */
  minutes?: number | undefined;
}

/**
 * The record that a step was done, or that a figure was read at it. A step that is held is done only for a reason,
 * which is kept.
 * @returns why not, where it is held and no reason was given
 */
export function tickOf(
  build: Build,
  { step, heldBy }: { step: Step; heldBy: HeldBy | undefined },
  { on, reading, reason, minutes }: Done,
): Result<Tick, string> {
  const why = reason?.trim();
  if (heldBy && !why) return failure(`“${step.title}” is held: it is done only for a reason, which is kept`);
  return success({
    step: step.id,
    said: stepText(step),
    basis: basisOf(build, step),
    on,
    ...(reading !== undefined && { reading }),
    ...(minutes !== undefined && { minutes: Math.round(10 * Math.min(mostMinutes, minutes)) / 10 }),
    ...(heldBy && why && { reason: why.slice(0, 500) }),
  });
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
