import type { Build } from '../../src/core/model/plan/build';
import { applyEdits } from '../../src/core/model/plan/edits';
import { unsetFailSafes } from '../../src/core/judgement/put-right/set-fail-safe';
import { readingOf } from '../../src/core/reading/build-reading/reading';

/** A build whose drives and pumps stop when the link is lost, as a careful builder sets them. */
export const withFailSafes = (build: Build): Build =>
  applyEdits(
    build,
    unsetFailSafes(readingOf(build, [])).map(({ edit }) => edit),
  );
