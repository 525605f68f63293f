import { Layout } from '../src/core/reading/berths/layout';
import { isDoubtful } from '../src/core/reading/berths/lead-routes';
import { placeParts } from '../src/core/reading/berths/place-parts';
import type { Build } from '../src/core/model/plan/build';
import { applyEdits } from '../src/core/model/plan/edits';
import type { ModelInside } from '../src/core/model/plan/model-inside';
import type { Placement } from '../src/core/model/fitting/placement';
import { measured } from '../src/core/base/validation/figure';
import { BuildIndex } from '../src/core/model/plan/build-index';
import { placeEdit } from '../src/core/judgement/put-right/place-part';

/** A build with an inside, and all its parts placed in it. @throws where there is no room for one */
export function laidOut(build: Build, inside: ModelInside): Build {
  return placeLoose(applyEdits(build, [{ type: 'setInside', inside }]));
}

/** Leads with a longer way than such leads usually reach, measured by whoever laid them: what they need, and 20 mm. */
export function measuredWhereLong(build: Build): Build {
  const { routes } = new Layout(new BuildIndex(build));
  return applyEdits(
    build,
    routes.filter(isDoubtful).flatMap(({ run, needed }) =>
      run.leads.map(({ id }) => ({
        type: 'setLength' as const,
        lead: id,
        metres: measured(Math.ceil((needed / run.leads.length) * 100) / 100 + 0.02),
      })),
    ),
  );
}

/** All parts taken up and placed once more. */
export const placedAnew = (build: Build): Build =>
  placeLoose({ ...build, fittings: build.fittings.map(({ place: _, ...fitting }) => fitting) });

/** Places the parts that lie nowhere yet. */
export function placeLoose(build: Build): Build {
  const loose = new Set(build.fittings.filter(({ place }) => !place).map(({ id }) => id));
  const { placed, conflicts } = placeParts(build, loose);
  if (conflicts.length > 0)
    throw new Error(`no room for ${conflicts.map(({ fitting }) => fitting).join(', ')}`);
  return applyEdits(
    build,
    placed.map(({ fitting, place }) => placeEdit(fitting, place)),
  );
}

/** A build with something about where parts lie changed. */
export const moved = (build: Build, changes: Record<string, Partial<Placement>>): Build =>
  applyEdits(
    build,
    Object.entries(changes).flatMap(([id, change]) => {
      const place = build.fittings.find((fitting) => fitting.id === id)?.place;
      return place ? [placeEdit(id, { ...place, ...change })] : [];
    }),
  );
