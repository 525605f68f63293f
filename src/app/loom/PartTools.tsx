import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { carrierId, componentId } from '../../core/model/fitting/component-id';
import type { Fitted } from '../../core/model/kinds/fitted';
import { newStops, type PatchPreview } from '../../core/judgement/check/preview';
import type { Patch } from '../../core/model/plan/patch';
import { swappable } from '../../core/desk/wiring/lead-edits';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import { usePreviews } from '../state/use-offers';
import { MenuButton, noteOf } from './MenuButton';
import { PlugInDialog } from './PlugInDialog';
import { SettingTools } from './SettingTools';
import styles from './TraceBar.module.css';

interface PartToolsProps {
  fitted: Fitted;
  onGone: () => void;
  /** What else can be done to it where it is shown. */
  children?: ReactNode;
}

/** What can be done to a part: plug in, swap, set, take out. */
export function PartTools({ fitted: chosen, onGone, children }: PartToolsProps) {
  const { context } = useCheck();
  // What sits on a board is set by itself, and moved with the board.
  const fitted = context.index.get(carrierId(chosen.fitting.id));
  const insides =
    fitted.kind === 'board'
      ? fitted.part.components.map(({ id }) => context.index.get(componentId(fitted.fitting.id, id)))
      : [];
  const apply = useBuildStore((state) => state.apply);
  const locker = useLocker((state) => state.parts);
  const [isPlugging, setPlugging] = useState(false);
  const { fitting } = fitted;
  const swaps = swappable(context.index, fitting.id, locker);
  const previews = usePreviews(swaps);
  const hasFree = context.index.freePorts().some(({ ref }) => ref.fitting === fitting.id);
  return (
    <div className={styles.tools} role="group" aria-label="Change this part">
      {hasFree && (
        <Button size="small" onClick={() => setPlugging(true)}>
          Plug in…
        </Button>
      )}
      <MenuButton
        label="What else would do?"
        options={bestFirst(swaps, previews).map((patch) => ({
          id: patch.id,
          text: patch.label,
          ...noteOf(previews.get(patch.id)),
        }))}
        onChoose={(id) => {
          const chosen = swaps.find((patch) => patch.id === id);
          if (chosen) apply(`swap the ${fitting.name} for: ${chosen.label}`, chosen.edits);
        }}
      />
      {[fitted, ...insides].map((each) => (
        <SettingTools key={each.fitting.id} fitted={each} ofWhat={insides.includes(each)} />
      ))}
      <Button
        size="small"
        onClick={() => {
          apply(`remove the ${fitting.name}`, [{ type: 'removeFitting', fitting: fitting.id }]);
          onGone();
        }}
      >
        Remove from the build
      </Button>
      {children}
      {isPlugging && <PlugInDialog fitted={fitted} onClose={() => setPlugging(false)} />}
    </div>
  );
}

/** What would do comes first: what brings no stop, then what dries most. */
function bestFirst(swaps: readonly Patch[], previews: ReadonlyMap<string, PatchPreview>): Patch[] {
  const rank = ({ id }: Patch): number => {
    const preview = previews.get(id);
    if (!preview) return 0;
    return 100 * newStops(preview).length + preview.come.length - preview.gone.length;
  };
  return [...swaps].sort((a, b) => rank(a) - rank(b));
}
