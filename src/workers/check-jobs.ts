import 'reflect-metadata/lite';
import { checkBuild, previewPatch } from '../core/judgement/check/check-build';
import type { CheckResult } from '../core/judgement/check/check-result';
import type { PatchPreview } from '../core/judgement/check/preview';
import type { PartSpec } from '../core/model/kinds/part-spec';
import type { Build } from '../core/model/plan/build';
import { faultTable, type FaultTable } from '../core/bench/faults/fault-table';
import { placeParts, type Placing } from '../core/reading/berths/place-parts';
import { applyEdits } from '../core/model/plan/edits';
import type { Patch } from '../core/model/plan/patch';
import { placeEdit } from '../core/judgement/put-right/place-part';
import type { Well, WellReport } from '../core/judgement/findings/wells';
import { proposeWiring } from '../core/desk/wiring/propose-wiring';
import type { WiringPlan } from '../core/desk/wiring/draft';

/** What put-rights may bring in, and what it costs: nothing where it is owned, absent where nobody noted a price. */
interface Shelf {
  parts: readonly PartSpec[];
  costs: ReadonlyMap<string, number>;
}

/** A build as it was asked about, under the number that the page has for this value of it and of the locker. */
export interface Asked {
  revision: string;
  build: Build;
  shelf: Shelf;
}

/** A proposal, and the wells that it would leave. */
export interface ProposedWiring extends WiringPlan {
  wells: Record<Well, WellReport>;
}

/** Places found, and the wells that they would leave. */
export interface ProposedPlaces extends Placing {
  wells: Record<Well, WellReport>;
}

let last: { revision: string; check: CheckResult; previews: Map<string, PatchPreview> } | undefined;

/** What was worked out for a build stays until another is asked about. */
function known({ revision, build, shelf }: Asked) {
  if (last?.revision !== revision)
    last = {
      revision,
      check: checkBuild(build, shelf.parts, (partId) => shelf.costs.get(partId)),
      previews: new Map(),
    };
  return last;
}

function preview(asked: Asked, patch: Patch): PatchPreview {
  const { check, previews } = known(asked);
  // The same edits are offered under several names.
  const key = JSON.stringify(patch.edits);
  const found = previews.get(key) ?? previewPatch(asked.build, check, patch, asked.shelf.parts);
  previews.set(key, found);
  return { ...found, patch };
}

/** What is worked out beside the page: it takes many checks. Plain functions, so that they can be tested without a worker. */
export const checkJobs = {
  /** The put-rights of a finding, each with what it would do; none where there is no such finding. */
  offers(asked: Asked, findingId: string): PatchPreview[] {
    const finding = known(asked).check.findings.find((candidate) => candidate.id === findingId);
    return (finding?.patches ?? []).map((patch) => preview(asked, patch));
  },

  /** The put-rights of all open findings, each once. */
  allOffers(asked: Asked): Patch[] {
    const open = known(asked).check.findings.filter((finding) => !finding.accepted);
    return [
      ...new Map(open.flatMap((finding) => finding.patches.map((patch) => [patch.id, patch]))).values(),
    ];
  },

  /** What each of some patches would do. */
  previews: (asked: Asked, patches: readonly Patch[]): PatchPreview[] =>
    patches.map((patch) => preview(asked, patch)),

  /** A complete wiring, less what is refused and what rests on it. */
  propose({ build, shelf }: Asked, refused: ReadonlySet<string>): ProposedWiring {
    const { proposals, unsolved, build: wired } = proposeWiring(build, shelf.parts, refused);
    return { proposals, unsolved, build: wired, wells: checkBuild(wired, shelf.parts).wells };
  },

  /** Places for some parts, and the wells that they would leave. */
  place({ build, shelf }: Asked, which: readonly string[]): ProposedPlaces {
    const found = placeParts(build, new Set(which));
    const after = applyEdits(
      build,
      found.placed.map(({ fitting, place }) => placeEdit(fitting, place)),
    );
    return { ...found, wells: checkBuild(after, shelf.parts).wells };
  },

  /** What every test would show under every single fault. @param onProgress told the share done, 0 to 1 */
  faults: (asked: Asked, changed: ReadonlySet<string>, onProgress: (share: number) => void): FaultTable =>
    faultTable(known(asked).check.context, changed, onProgress),
};

export type CheckJobs = typeof checkJobs;
