import type { Circuit } from '../circuit/circuit';
import type { PartSpec } from '../parts/part-spec';
import type { Build } from '../plan/build';
import type { BuildIndex } from '../plan/build-index';
import type { Survey } from '../survey/survey';

/** Everything that a verdict may rest on; worked out once per build, never changed by who reads it. */
export interface CheckContext {
  build: Build;
  index: BuildIndex;
  /** What the build is: nets, packs, rails, signals. */
  survey: Survey;
  /** Its solved network: every volt and amp. */
  circuit: Circuit;
  /** Parts that a put-right may bring in, those on the shelf first. */
  locker: readonly PartSpec[];
}
