import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { LogEntry } from '../../core/model/plan/log-entry';
import { outingsOf } from '../../core/desk/trial/outings';
import { NumberField } from '../brief/NumberField';
import { PhotoButton } from '../drawing/PhotoButton';
import { useBuildStore } from '../state/build-store';
import { useCheck } from '../state/use-check';
import { ReadingRows } from './ReadingRows';
import { dayField, dayWords } from './day-words';
import styles from './EntryDialog.module.css';

interface EntryDialogProps {
  /** The entry to change; a new one where there is none. */
  entry: LogEntry | undefined;
  onClose: () => void;
  onKept: (id: string) => void;
}

/** Writes down a day: what was run, read, seen and changed. */
export function EntryDialog({ entry, onClose, onKept }: EntryDialogProps) {
  const { context } = useCheck();
  const apply = useBuildStore((store) => store.apply);
  const [draft, setDraft] = useState<LogEntry>(
    entry ?? { id: nanoid(10), kind: 'outing', on: new Date().toISOString(), readings: [] },
  );
  const change = (what: Partial<LogEntry>) => setDraft((now) => ({ ...now, ...what }));
  const packs = context.index.ofKind('pack').map(({ fitting }) => fitting);
  const outings = outingsOf(context.build);
  const isOuting = draft.kind === 'outing';
  const keep = () => {
    const said = Object.entries(draft).filter(([, value]) => value !== undefined && value !== '');
    const kept = Object.fromEntries(said) as unknown as LogEntry;
    if (apply(`write into the log: ${dayWords(kept.on)}`, [{ type: 'keepEntry', entry: kept }]))
      onKept(kept.id);
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="entry-form-title">
      <DialogTitle id="entry-form-title">{entry ? 'Change a day' : 'Write down a day'}</DialogTitle>
      <DialogContent>
        <div className={styles.fields}>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={draft.kind}
            aria-label="What it was"
            onChange={(_, kind: LogEntry['kind'] | null) => kind && change({ kind })}
          >
            <ToggleButton value="outing">Outing</ToggleButton>
            <ToggleButton value="bench">Bench</ToggleButton>
          </ToggleButtonGroup>
          <TextField
            type="date"
            size="small"
            margin="dense"
            label="Date"
            value={dayField(draft.on)}
            slotProps={{ inputLabel: { shrink: true } }}
            onChange={({ target }) => {
              const on = new Date(`${target.value}T12:00:00`);
              if (!Number.isNaN(on.getTime())) change({ on: on.toISOString() });
            }}
          />
          <Words label="Place" value={draft.place} most={120} onType={(place) => change({ place })} />
          {isOuting && (
            <>
              <Words
                label="Weather"
                value={draft.weather}
                most={120}
                onType={(weather) => change({ weather })}
              />
              <NumberField
                label="Air, °C"
                value={draft.air}
                least={-40}
                most={60}
                onTake={(air) => change({ air })}
              />
              <NumberField
                label="Ran, min"
                value={draft.minutes}
                least={0}
                most={6000}
                onTake={(minutes) => change({ minutes })}
              />
              <TextField
                select
                size="small"
                margin="dense"
                label="Most like the outing"
                value={draft.outing ?? outings[0]?.id ?? ''}
                onChange={({ target }) => change({ outing: target.value })}
              >
                {outings.map(({ id, name }) => (
                  <MenuItem key={id} value={id}>
                    {name}
                  </MenuItem>
                ))}
              </TextField>
            </>
          )}
        </div>
        <h3 className={styles.heading}>Your readings from the model</h3>
        <ReadingRows readings={draft.readings} onChange={(readings) => change({ readings })} />
        {packs.length > 0 && (
          <>
            <h3 className={styles.heading}>The pack</h3>
            <div className={styles.fields}>
              <TextField
                select
                size="small"
                margin="dense"
                label="Pack"
                value={draft.pack ?? ''}
                onChange={({ target }) => change({ pack: target.value })}
              >
                <MenuItem value="">not noted</MenuItem>
                {packs.map(({ id, name }) => (
                  <MenuItem key={id} value={id}>
                    {name}
                  </MenuItem>
                ))}
              </TextField>
              <NumberField
                label="Rested afterwards, V"
                value={draft.restVolts}
                least={0}
                most={200}
                onTake={(restVolts) => change({ restVolts })}
              />
              <NumberField
                label="Put back, mAh"
                value={draft.chargeBack === undefined ? undefined : Math.round(1000 * draft.chargeBack)}
                least={0}
                most={1e6}
                onTake={(typed) => change({ chargeBack: typed === undefined ? undefined : typed / 1000 })}
              />
              <NumberField
                label="Inside, mΩ"
                value={draft.packOhms === undefined ? undefined : Number((1000 * draft.packOhms).toFixed(2))}
                least={0}
                most={10_000}
                onTake={(typed) => change({ packOhms: typed === undefined ? undefined : typed / 1000 })}
              />
            </div>
          </>
        )}
        <h3 className={styles.heading}>In words</h3>
        <Words
          label="What happened"
          value={draft.happened}
          most={2000}
          rows={2}
          onType={(happened) => change({ happened })}
        />
        <Words
          label="What was changed"
          value={draft.changed}
          most={2000}
          rows={2}
          onType={(changed) => change({ changed })}
        />
        <div className={styles.fields}>
          <NumberField
            label="Cost"
            value={draft.money}
            least={0}
            most={1e7}
            onTake={(money) => change({ money })}
          />
        </div>
        <PhotoButton
          photo={draft.photo}
          shows="What it looked like that day"
          onTake={(photo) => change({ photo })}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" onClick={keep}>
          Write it down
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface WordsProps {
  label: string;
  value: string | undefined;
  most: number;
  rows?: number;
  onType: (text: string) => void;
}

const Words = ({ label, value, most, rows, onType }: WordsProps) => (
  <TextField
    size="small"
    margin="dense"
    label={label}
    value={value ?? ''}
    {...(rows && { multiline: true, minRows: rows, fullWidth: true })}
    slotProps={{ htmlInput: { maxLength: most } }}
    onChange={({ target }) => onType(target.value)}
  />
);
