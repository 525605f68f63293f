import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useMemo, useState } from 'react';
import { assignRadio } from '../../core/reading/radio/assign-radio';
import { channelsOf } from '../../core/reading/radio/channel-inputs';
import { channelRows } from '../../core/reading/radio/channel-table';
import { conflictWords } from '../../core/reading/radio/conflict-words';
import { radiosOf, radioWith } from '../../core/reading/radio/radios';
import { channelSheets } from '../../core/bench/sheet/radio-sheet';
import { capital, counted } from '../../core/base/words/sentences';
import { strandPicture } from '../../core/reading/radio/strands';
import { useBuildStore } from '../state/build-store';
import { useCheck } from '../state/use-check';
import { JoinDialog } from '../drawing/JoinDialog';
import { SaveCsv } from '../lists/SaveCsv';
import { Figure } from '../drawing/Figure';
import { ChannelEditor } from './ChannelEditor';
import { MemoryFields } from './MemoryFields';
import { StrandPicture } from './StrandPicture';
import { useJoining } from './use-joining';
import styles from './RadioView.module.css';

/** Which control moves what, by which channel, how far and which way: set on paper before it is set in the radio. */
export function RadioView() {
  const { context } = useCheck();
  const { build } = context;
  const apply = useBuildStore((state) => state.apply);
  const [transmitterId, setTransmitter] = useState<string>();
  const radios = radiosOf(context);
  const radio = radioWith(context, transmitterId);
  const picture = useMemo(() => strandPicture(context, radio), [context, radio]);
  const table = useMemo(() => channelRows(context, radio), [context, radio]);
  const assignment = useMemo(() => assignRadio(build), [build]);
  const channels = channelSheets(context)[radios.indexOf(radio)];
  const [chosen, setChosen] = useState<number>();
  const { waiting, roleOf, tap, join, choices, take, drop, setWaiting } = useJoining(picture.spots, radio);
  const row = table.find(({ channel }) => channel === chosen) ?? table[0];
  if (build.functions.length === 0)
    return <p className={styles.empty}>No functions yet. The Brief is where the model is told what to do.</p>;
  const show = (key: string) => {
    const [column, id] = [key.slice(0, key.indexOf(':')), key.slice(key.indexOf(':') + 1)];
    const found = column === 'function' ? radio.functions.find((each) => each.id === id) : undefined;
    if (column === 'channel') setChosen(Number(id));
    else if (found) setChosen(channelsOf(radio, found)[0] ?? chosen);
  };
  const lit = new Set(row && !waiting ? row.inputs.map((input) => input.function.id) : []);
  return (
    <div className={styles.view} role="presentation" onKeyDown={(event) => event.key === 'Escape' && drop()}>
      <div className={styles.head}>
        <p className={styles.hint} aria-live="polite">
          {waiting
            ? `${waiting.label} waits: tap what it goes to, or drag. Escape leaves it.`
            : 'Drag from one column to the next, or tap one and then the other. Tap a channel to set it.'}
        </p>
        {assignment.assigned.length > 0 && (
          <Button
            variant="contained"
            onClick={() =>
              apply(
                'controls and channels proposed',
                assignment.assigned.map(({ function: { id }, change }) => ({
                  type: 'setFunction',
                  function: id,
                  change,
                })),
              )
            }
          >
            Give {assignment.assigned.length === 1 ? 'the one' : `the ${assignment.assigned.length}`} that{' '}
            {assignment.assigned.length === 1 ? 'lacks' : 'lack'} a control or channel
          </Button>
        )}
      </div>
      {radios.length > 1 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={radio.transmitter?.fitting.id}
          aria-label="Which transmitter"
          onChange={(_, id: string | null) => {
            if (id === null) return;
            setTransmitter(id);
            setChosen(undefined);
            drop();
          }}
        >
          {radios.map(({ transmitter, functions }) => (
            <ToggleButton key={transmitter?.fitting.id} value={transmitter?.fitting.id ?? ''}>
              {capital(transmitter?.fitting.name ?? '')}: {counted(functions.length, 'function')}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      {assignment.conflicts.map((conflict) => (
        <p key={conflict.without.map(({ id }) => id).join()} className={styles.conflict}>
          {conflictWords(conflict)}
        </p>
      ))}
      <Figure name="radio" caption="Radio, from the control to the part">
        <StrandPicture
          picture={picture}
          lit={lit}
          roleOf={roleOf}
          onTap={(key) => {
            if (!waiting) show(key);
            tap(key);
          }}
          onStart={setWaiting}
          onJoin={join}
        />
      </Figure>
      {row && <ChannelEditor key={`${radio.owner} ${row.channel}`} row={row} />}
      <MemoryFields />
      {channels && (
        <div className={styles.save}>
          <SaveCsv table={channels} />
        </div>
      )}
      {choices.length > 0 && (
        <JoinDialog title="What is meant?" ways={choices} onTake={take} onLeave={drop} />
      )}
    </div>
  );
}
