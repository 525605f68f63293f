import { fitAll } from '../../src/core/desk/label/fit-labelled';
import { partFromLabel } from '../../src/core/desk/label/label-part';
import { readLines } from '../../src/core/desk/label/read-lines';
import { proposeWiring } from '../../src/core/desk/wiring/propose-wiring';
import type { ModelKind } from '../../src/core/model/plan/build';
import { applyEdits } from '../../src/core/model/plan/edits';
import { emptyBuild } from '../../src/core/model/plan/empty-build';
import { starterLocker } from '../../src/core/model/starter/starter-locker';

/** A model of parts of which only the labels are known, wired as it is proposed. */
export function typed(model: ModelKind, lines: string) {
  const parts = readLines(lines).flatMap(({ line, count, reading }, n) => {
    if (!reading) throw new Error(line);
    const { part } = partFromLabel(reading, line, `typed-${n}`);
    return Array.from({ length: count }, () => part);
  });
  const empty = emptyBuild('typed', 'Typed', model);
  const build = applyEdits(empty, fitAll(empty, parts));
  return { build, wired: proposeWiring(build, starterLocker, new Set()).build };
}
