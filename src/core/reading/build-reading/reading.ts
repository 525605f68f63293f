import { Circuit } from '../circuit/circuit';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import type { BuildIndex } from '../../model/plan/build-index';
import { Survey } from '../survey/survey';

/** A build as it is read once: everything that a verdict may rest on, never changed by who reads it. */
export interface Reading {
  build: Build;
  index: BuildIndex;
  /** What the build is: nets, packs, rails, signals. */
  survey: Survey;
  /** Its solved network: every volt and amp. */
  circuit: Circuit;
  /** Parts that a put-right may bring in, those on the shelf first. */
  locker: readonly PartSpec[];
}

/** The build surveyed, and its network, which solves what is asked of it once. */
export function readingOf(build: Build, locker: readonly PartSpec[]): Reading {
  const survey = new Survey(build);
  return { build, index: survey.index, survey, circuit: new Circuit(survey), locker };
}
