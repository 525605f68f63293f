import type { CheckContext } from '../findings/context';
import { afterSteps } from './after-steps';
import { powerSteps } from './power-steps';
import { prepareSteps } from './prepare-steps';
import { setUpSteps } from './set-up-steps';
import type { Step } from './step';

/** The order of work for this build, from the first joint to the pack back at storage charge. */
export function planProcedure(context: CheckContext): Step[] {
  return [...prepareSteps(context), ...powerSteps(context), ...setUpSteps(context), ...afterSteps(context)];
}
