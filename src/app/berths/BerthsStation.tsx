import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { usualForm } from '../../core/reading/berths/inside-sizes';
import { withMovedRoom, withShelf } from '../../core/reading/berths/room-edits';
import type { Placement } from '../../core/model/fitting/placement';
import { placeEdit } from '../../core/judgement/put-right/place-part';
import { SavePicture } from '../drawing/SavePicture';
import { useBuildStore } from '../state/build-store';
import { showNow } from '../state/shown-build';
import { useCheck } from '../state/use-check';
import { BalanceFigures } from './BalanceFigures';
import { BerthsPicture } from './BerthsPicture';
import { FirstInside } from './FirstInside';
import { ModelSizes } from './ModelSizes';
import { PartPlace } from './PartPlace';
import { PlaceDialog } from './PlaceDialog';
import { ReachBars } from './ReachBars';
import { useDraftLayout } from './use-draft';
import type { RoomDraft } from './use-drag-rooms';
import styles from './BerthsStation.module.css';

/** What lies where: whether it fits, reaches, stays dry and balances. */
export function Component() {
  const { context } = useCheck();
  const { layout, draft, setDraft } = useDraftLayout();
  const apply = useBuildStore((state) => state.apply);
  const [params, setParams] = useSearchParams();
  const asked = params.get('part') ?? undefined;
  const [chosen, setChosen] = useState(asked);
  const [lastAsked, setLastAsked] = useState(asked);
  // A question that was tapped beside the picture brings its part into hand.
  if (asked !== lastAsked) {
    setLastAsked(asked);
    if (asked !== undefined) setChosen(asked);
  }
  const [isPlacing, setPlacing] = useState(false);
  const [isDrawing, setDrawing] = useState(false);
  const [svg, setSvg] = useState<SVGSVGElement | null>(null);
  const { build, index } = context;
  const { inside } = layout;
  const view = params.get('view') === 'model' ? 'model' : 'parts';
  const setView = (next: string | null) => {
    if (next === null) return;
    const changed = new URLSearchParams(params);
    if (next === 'parts') changed.delete('view');
    else changed.set('view', next);
    setParams(changed, { replace: true });
  };
  const put = (fitting: string, place: Placement) => {
    setDraft(undefined);
    apply(`move the ${index.get(fitting).fitting.name}`, [placeEdit(fitting, place)]);
    // Not where it was for a moment, once the hand lets go of it.
    showNow();
  };
  const drawn = ({ id, edges }: RoomDraft) => {
    if (!inside) return;
    setDrawing(false);
    apply(id === undefined ? 'draw a room' : 'move a room', [
      {
        type: 'setInside',
        inside: id === undefined ? withShelf(inside, edges) : withMovedRoom(inside, id, edges),
      },
    ]);
    showNow();
  };
  if (!inside)
    return (
      <div className={styles.station}>
        <h1 className={styles.title}>
          Berths <span className={styles.subtitle}>· what lies where in the model</span>
        </h1>
        <FirstInside
          form={usualForm(build)}
          onTake={(told) => apply('tell the inside of the model', [{ type: 'setInside', inside: told }])}
        />
      </div>
    );
  const laid = chosen === undefined ? undefined : layout.laidAt(chosen);
  return (
    <div className={styles.station}>
      <div className={styles.head}>
        <h1 className={styles.title}>
          Berths <span className={styles.subtitle}>· from above and from the side</span>
        </h1>
        {layout.loose.length + layout.laid.length > 0 && (
          <Button onClick={() => setPlacing(true)}>Place them for me</Button>
        )}
        <SavePicture svg={svg} name="berths" />
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view}
          aria-label="Work on"
          onChange={(_, next: string | null) => setView(next)}
        >
          <ToggleButton value="parts">Parts</ToggleButton>
          <ToggleButton value="model">Model</ToggleButton>
        </ToggleButtonGroup>
      </div>
      <BerthsPicture
        layout={layout}
        chosen={chosen}
        draft={draft}
        onChoose={setChosen}
        onDraft={setDraft}
        onPut={put}
        onSvg={setSvg}
        {...(view === 'model' && { rooms: { isDrawing, onDrawn: drawn } })}
      />
      {view === 'model' ? (
        <ModelSizes inside={inside} isDrawing={isDrawing} onDraw={setDrawing} />
      ) : (
        <>
          {layout.loose.length > 0 && (
            <LooseParts names={layout.loose.map(({ fitting }) => fitting)} onChoose={setPlacing} />
          )}
          {laid && <PartPlace key={chosen} laid={laid} onPut={put} onGone={() => setChosen(undefined)} />}
          {layout.balance && layout.laid.length > 0 && (
            <BalanceFigures inside={inside} balance={layout.balance} onDraft={setDraft} onPut={put} />
          )}
          <ReachBars routes={layout.routes} index={index} />
        </>
      )}
      {build.fittings.length === 0 && (
        <p className={styles.hint}>
          No part is chosen yet. <Link to="/brief">Choose them in the Brief</Link>, then lay them out here.
        </p>
      )}
      {isPlacing && <PlaceDialog onClose={() => setPlacing(false)} />}
    </div>
  );
}

function LooseParts({
  names,
  onChoose,
}: {
  names: readonly { id: string; name: string }[];
  onChoose: (isPlacing: boolean) => void;
}) {
  return (
    <div className={styles.loose} role="status">
      <span>
        {names.length === 1 ? '1 part lies' : `${names.length} parts lie`} nowhere yet:{' '}
        {names
          .slice(0, 4)
          .map(({ name }) => name)
          .join(', ')}
        {names.length > 4 && ` and ${names.length - 4} more`}
      </span>
      <Button size="small" variant="contained" onClick={() => onChoose(true)}>
        Find places
      </Button>
    </div>
  );
}
