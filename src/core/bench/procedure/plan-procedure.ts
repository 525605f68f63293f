import type { Reading } from '../../reading/build-reading/reading';
import { afterSteps } from './after-steps';
import { closingSteps } from './closing-steps';
import { powerSteps } from './power-steps';
import { prepareSteps } from './prepare-steps';
import { radioSteps } from './radio-steps';
import { regulatorSteps } from './regulator-steps';
import { plugInSteps } from './plug-steps';
import { settingSteps } from './setting-steps';
import { setUpSteps } from './set-up-steps';
import type { Step } from './step';

/** The order of work for this build, from the first joint to the pack back at storage charge. */
export function planProcedure(context: Reading): Step[] {
  return [
    ...prepareSteps(context),
    ...radioSteps(context),
    ...regulatorSteps(context),
    ...plugInSteps(context),
    ...powerSteps(context),
    ...settingSteps(context),
    ...setUpSteps(context),
    ...afterSteps(context),
    ...closingSteps(context),
  ];
}
