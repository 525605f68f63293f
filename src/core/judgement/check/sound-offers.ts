import type { Finding } from '../findings/finding';
import { toBuy, type CostOf } from './to-buy';
import type { Patch } from '../../model/plan/patch';
import type { PatchPreview } from './preview';

type Preview = (patch: Patch) => PatchPreview;

/** Most offers that one finding shows. */
const mostShown = 4;

/**
 * Of the put-rights that a rule proposes, those after which the finding is gone and no new `stop` has come; fewest stops
 * left first, then least to buy, then what changes least.
 */
export function soundOffers(
  finding: Finding,
  proposed: readonly Patch[],
  previewOf: Preview,
  costOf: CostOf,
): Patch[] {
  const known = new Set<string>();
  const cures = proposed.flatMap((patch): { patch: Patch; stops: number }[] => {
    if (known.has(patch.id)) return [];
    known.add(patch.id);
    const preview = tryPatch(patch, previewOf);
    if (!preview || !isCure(finding, preview)) return [];
    return [{ patch, stops: preview.stops }];
  });
  const inOrder = cures
    .map((cure, n) => ({ ...cure, ...toBuy(cure.patch.edits, costOf), n }))
    .sort(
      (a, b) =>
        a.stops - b.stops ||
        a.unpriced - b.unpriced ||
        a.money - b.money ||
        a.patch.edits.length - b.patch.edits.length ||
        a.n - b.n,
    )
    .map((each) => each.patch);
  const shown = new Set([...firstOfEachWay(inOrder), ...inOrder].slice(0, mostShown));
  return inOrder.filter((patch) => shown.has(patch));
}

/** The best of each way to put it right: four parts to swap in would hide that a regulator of its own does it too. */
const firstOfEachWay = (patches: readonly Patch[]): Patch[] => {
  const ways = new Map<string, Patch>();
  for (const patch of patches) {
    const way = patch.id.split(':', 1)[0]!;
    if (!ways.has(way)) ways.set(way, patch);
  }
  return [...ways.values()];
};

/** A proposal that cannot even be tried is none. */
function tryPatch(patch: Patch, previewOf: Preview): PatchPreview | undefined {
  try {
    return previewOf(patch);
  } catch {
    return undefined;
  }
}

function isCure(finding: Finding, { gone, come, left }: PatchPreview): boolean {
  const isGone = finding.accepted ? !left.includes(finding.id) : gone.some((told) => told.id === finding.id);
  return isGone && !come.some((told) => told.severity === 'stop');
}
