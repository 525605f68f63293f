import { Circuit } from '../circuit/circuit';
import type { CheckContext } from '../findings/context';
import type { PartSpec } from '../parts/part-spec';
import type { Build } from '../plan/build';
import { Survey } from '../survey/survey';

/** What verdicts rest on: the build surveyed, and its network, which solves what is asked of it once. */
export function checkContext(build: Build, locker: readonly PartSpec[]): CheckContext {
  const survey = new Survey(build);
  return { build, index: survey.index, survey, circuit: new Circuit(survey), locker };
}
