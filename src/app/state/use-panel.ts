import { useLocation, useSearchParams } from 'react-router';
import { wells, type Well } from '../../core/judgement/findings/wells';

export type PanelView = Well | 'all';

/** What the findings panel shows, kept in the address so that back, reload and links work. */
export function usePanel() {
  const [params, setParams] = useSearchParams();
  const { pathname } = useLocation();
  // What lies where is judged in one well.
  const usual: PanelView = pathname === '/berths' ? 'space' : 'all';
  const asked = params.get('well');
  const well: PanelView | undefined = [...wells, 'all' as const].find((candidate) => candidate === asked);
  const findingId = params.get('finding') ?? undefined;
  const set = (view: PanelView | undefined, finding?: string) => {
    const next = new URLSearchParams(params);
    next.delete('well');
    next.delete('finding');
    if (view) next.set('well', view);
    if (finding !== undefined) next.set('finding', finding);
    setParams(next, { replace: view === well });
  };
  return {
    view: well ?? usual,
    isChosen: well !== undefined,
    findingId,
    showWell: (view: PanelView) => set(view),
    showFinding: (id: string | undefined) => set(well ?? usual, id),
    close: () => set(undefined),
  };
}
