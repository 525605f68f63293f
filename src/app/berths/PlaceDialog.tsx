import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { berthAt } from '../../core/reading/berths/layout';
import type { PlaceReason } from '../../core/reading/berths/place-cost';
import { wells, wellNames } from '../../core/judgement/findings/wells';
import { formatQuantity } from '../../core/base/quantity/format';
import { placeEdit } from '../../core/judgement/put-right/place-part';
import { counted } from '../../core/base/words/sentences';
import { applyAndSay } from '../state/done-store';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { usePlacing } from '../state/use-offers';
import { wellWords } from '../hull/well-words';
import styles from './PlaceDialog.module.css';

/** What forces a place, in words: without that, the part would lie elsewhere. */
const reasonWords: Record<PlaceReason, string> = {
  fits: 'where it fits',
  plugs: 'room for its plugs',
  water: 'over the water that may stand inside',
  air: 'where air gets to it',
  hand: 'where a hand gets to it',
  point: 'at what it drives',
  reach: 'within reach of its leads',
  antenna: 'for the antenna',
  balance: 'for the balance',
};

/** Places found for the parts, with what forced each, and the wells that they would leave. */
export function PlaceDialog({ onClose }: { onClose: () => void }) {
  const { context } = useCheck();
  const { layout } = context.survey;
  const hasLoose = layout.loose.length > 0;
  const [isAnew, setAnew] = useState(!hasLoose);
  const which = isAnew ? [...layout.loose, ...layout.laid.map(({ fitted }) => fitted)] : layout.loose;
  const { data, error, refetch, isFetching } = usePlacing(which.map(({ fitting }) => fitting.id));
  const units = useSettings((state) => state.units);
  const { inside, index } = layout;
  const nameOf = (id: string) => index.get(id).fitting.name;
  const take = () => {
    if (!data) return;
    const isTaken = applyAndSay(
      'place them for me',
      data.placed.map(({ fitting, place }) => placeEdit(fitting, place)),
      `${counted(data.placed.length, 'part')} placed`,
    );
    if (isTaken) onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="place-title">
      <DialogTitle id="place-title">Place them for me</DialogTitle>
      <DialogContent>
        {hasLoose && layout.laid.length > 0 && (
          <FormControlLabel
            control={
              <Checkbox size="small" checked={isAnew} onChange={({ target }) => setAnew(target.checked)} />
            }
            label="Also move what lies somewhere already"
          />
        )}
        {error ? (
          <p role="alert">No places could be worked out: {error.message}. Nothing was changed.</p>
        ) : !data || isFetching ? (
          <p role="status">Trying places…</p>
        ) : (
          <>
            <ul className={styles.list}>
              {data.placed.map(({ fitting, place, forcedBy }) => (
                <li key={fitting}>
                  <strong>{nameOf(fitting)}</strong>{' '}
                  {(inside && berthAt(inside, { ...place, z: place.z + 0.001 })?.name) ?? ''}
                  {forcedBy.length > 0 && (
                    <span className={styles.why}>
                      {' '}
                      · {forcedBy.map((reason) => reasonWords[reason]).join(', ')}
                    </span>
                  )}
                </li>
              ))}
            </ul>
            {data.conflicts.length > 0 && (
              <div role="alert" className={styles.conflicts}>
                {data.conflicts.map(({ fitting, metres, with: others }) => (
                  <p key={fitting}>
                    No room for the {nameOf(fitting)}:{' '}
                    {formatQuantity(Math.round(metres * 10_000) / 10, 'mm', units)}{' '}
                    {others.length > 0 ? `in the ${others.join(' and the ')}` : 'too large for its berth'}. A
                    smaller part, another berth or a higher lid would do it.
                  </p>
                ))}
              </div>
            )}
            <p className={styles.then}>
              Then:{' '}
              {wells
                .map((well) => `${wellNames[well]} ${wellWords(well, data.wells[well]).state}`)
                .join('; ')}
            </p>
          </>
        )}
      </DialogContent>
      <DialogActions>
        {error && <Button onClick={() => void refetch()}>Try again</Button>}
        <Button onClick={onClose}>Cancel</Button>
        {data && !isFetching && (
          <Button variant="contained" disabled={data.placed.length === 0} onClick={take}>
            Place {data.placed.length === 1 ? 'it' : `these ${data.placed.length}`}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
