import { useMemo, useState } from 'react';
import { Layout } from '../../core/berths/layout';
import { applyEdits } from '../../core/plan/edits';
import type { Placement } from '../../core/plan/placement';
import { placeEdit } from '../../core/put-right/place-part';
import { BuildIndex } from '../../core/survey/build-index';
import { useCheck } from '../state/use-check';

/** A part that is being moved, and has not been put down. */
export interface Draft {
  fitting: string;
  place: Placement;
}

/** The layout as it is, or as it would be with a part where it is being moved to. */
export function useDraftLayout(): {
  layout: Layout;
  draft: Draft | undefined;
  setDraft: (draft: Draft | undefined) => void;
} {
  const { context } = useCheck();
  const [draft, setDraft] = useState<Draft>();
  const { layout } = context.survey;
  const drafted = useMemo(
    () =>
      draft && context.index.has(draft.fitting)
        ? new Layout(new BuildIndex(applyEdits(context.build, [placeEdit(draft.fitting, draft.place)])))
        : layout,
    [context, draft, layout],
  );
  return { layout: drafted, draft, setDraft };
}
