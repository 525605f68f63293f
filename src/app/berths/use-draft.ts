import { useEffect, useMemo, useState } from 'react';
import type { Layout } from '../../core/reading/berths/layout';
import { checkBuild, withFindings } from '../../core/judgement/check/check-build';
import { applyEdits } from '../../core/model/plan/edits';
import type { Placement } from '../../core/model/fitting/placement';
import { placeEdit } from '../../core/judgement/put-right/place-part';
import { useLocker } from '../state/locker-store';
import { usePreviewStore } from '../state/preview-store';
import { useCheck, useRehearsed } from '../state/use-check';

/** A part that is being moved, and has not been put down. */
export interface Draft {
  fitting: string;
  place: Placement;
}

/** The layout as it is, or as it would be with a part where it is being moved to; the hull follows it. */
export function useDraftLayout(): {
  layout: Layout;
  draft: Draft | undefined;
  setDraft: (draft: Draft | undefined) => void;
} {
  const { context } = useCheck();
  const found = useRehearsed();
  const parts = useLocker((state) => state.parts);
  const [draft, setDraft] = useState<Draft>();
  const drafted = useMemo(
    () =>
      draft && context.index.has(draft.fitting)
        ? withFindings(
            checkBuild(applyEdits(context.build, [placeEdit(draft.fitting, draft.place)]), parts),
            found,
          )
        : undefined,
    [context, draft, found, parts],
  );
  useEffect(() => {
    usePreviewStore.setState({ underWay: drafted?.wells });
    return () => usePreviewStore.setState({ underWay: undefined });
  }, [drafted]);
  return { layout: (drafted?.context ?? context).survey.layout, draft, setDraft };
}
