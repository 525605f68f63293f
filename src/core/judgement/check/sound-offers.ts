import type { Finding } from '../findings/finding';
import { toBuy, type CostOf } from './to-buy';
import type { Patch } from '../../model/plan/patch';
import type { PatchPreview } from './preview';

type Preview = (patch: Patch) => PatchPreview;

/** Most offers that one finding shows. */
const mostShown = 4;

/**
 * Of the put-rights that a rule proposes, those after which the finding is gone and no new `stop` has come; fewest stops
 * left first, then what helps whatever is not known, then least to buy, then what changes least.
 */
export function soundOffers(
  finding: Finding,
  proposed: readonly Patch[],
  previewOf: Preview,
  costOf: CostOf,
): Patch[] {
  const known = new Set<string>();
  const cures = proposed.flatMap((patch): { patch: Patch; stops: number; isOnlyEased: boolean }[] => {
    if (known.has(patch.id)) return [];
    known.add(patch.id);
    const preview = tryPatch(patch, previewOf);
    if (!preview || !isCure(finding, preview)) return [];
    const isOnlyEased = preview.eased.some(({ id }) => id === finding.id);
    return [{ patch, stops: preview.stops, isOnlyEased }];
  });
  const inOrder = cures
    .map((cure, n) => ({ ...cure, ...toBuy(cure.patch.edits, costOf), n }))
    .sort(
      (a, b) =>
        a.stops - b.stops ||
        Number(a.isOnlyEased) - Number(b.isOnlyEased) ||
        a.unpriced - b.unpriced ||
        a.money - b.money ||
        a.patch.edits.length - b.patch.edits.length ||
        a.n - b.n,
    )
    .map((each) => each.patch);
  const shown = [...new Set([...firstOfEachWay(inOrder), ...inOrder])].slice(0, mostShown);
  return inOrder.filter((patch) => shown.includes(patch));
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

/** Share of a trouble that may come up in another place instead, and still be a cure. */
const mostMoved = 0.5;

/**
 * Whether a finding is gone, or holds at the usual figures no more; without a new stop, and without as much of the same
 * trouble in another place.
 */
function isCure(finding: Finding, { gone, eased, come, left }: PatchPreview): boolean {
  const isThis = (told: { id: string }) => told.id === finding.id;
  const isGone = finding.accepted ? !left.includes(finding.id) : gone.some(isThis) || eased.some(isThis);
  const isMoved = ({ severity, rule, messageId, margin }: (typeof come)[number]) =>
    rule === finding.rule &&
    messageId === finding.messageId &&
    severity === finding.severity &&
    margin <= finding.margin * mostMoved;
  return isGone && come.every((told) => told.severity !== 'stop' && !isMoved(told));
}
