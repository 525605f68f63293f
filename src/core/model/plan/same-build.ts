import { canonicalText } from '../../base/canonical';
import type { Build } from './build';

/** Whether two builds say the same, in whatever order their fields were set. */
export const isSameBuild = (build: Build, other: Build): boolean =>
  build === other || canonicalText(build) === canonicalText(other);
