import type { PartSpec } from '../../core/parts/part-spec';
import { previewWords } from '../../core/check/preview';
import { swappable } from '../../core/wiring/lead-edits';
import { MenuButton } from '../loom/MenuButton';
import { useBuild, useBuildStore } from '../state/build-store';
import { previewOf, useCheck } from '../state/use-check';

/** Puts the part in the place of one that is fitted, saying beforehand what that does to the wells. */
export function SwapIn({ part }: { part: PartSpec }) {
  const build = useBuild();
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const offers = context.index
    .ofKind(part.kind)
    .flatMap(({ fitting }) =>
      swappable(context.index, fitting.id, [part]).map((patch) => ({ fitting, patch })),
    );
  return (
    <MenuButton
      label="Swap in for"
      options={offers.map(({ fitting, patch }) => ({
        id: patch.id,
        text: fitting.name,
        note: previewWords(previewOf(build, patch)),
      }))}
      onChoose={(id) => {
        const chosen = offers.find((one) => one.patch.id === id);
        if (chosen) apply(`swap the ${chosen.fitting.name} for: ${part.name}`, chosen.patch.edits);
      }}
    />
  );
}
