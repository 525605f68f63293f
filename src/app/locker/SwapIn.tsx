import type { PartSpec } from '../../core/model/kinds/part-spec';
import { swappable } from '../../core/desk/wiring/lead-edits';
import { MenuButton, noteOf } from '../loom/MenuButton';
import { applyAndSay } from '../state/done-store';
import { useCheck } from '../state/use-check';
import { usePreviews } from '../state/use-offers';

/** Puts the part in the place of one that is fitted, saying beforehand what that does to the wells. */
export function SwapIn({ part }: { part: PartSpec }) {
  const { context } = useCheck();
  const offers = context.index
    .ofKind(part.kind)
    .flatMap(({ fitting }) =>
      swappable(context.index, fitting.id, [part]).map((patch) => ({ fitting, patch })),
    );
  const previews = usePreviews(offers.map((offer) => offer.patch));
  return (
    <MenuButton
      label="Swap in for"
      options={offers.map(({ fitting, patch }) => ({
        id: patch.id,
        text: fitting.name,
        ...noteOf(previews.get(patch.id)),
      }))}
      onChoose={(id) => {
        const chosen = offers.find((offer) => offer.patch.id === id);
        if (chosen)
          applyAndSay(
            `swap the ${chosen.fitting.name} for: ${part.name}`,
            chosen.patch.edits,
            `In the place of the ${chosen.fitting.name}: ${part.name}`,
          );
      }}
    />
  );
}
