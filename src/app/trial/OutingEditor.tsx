import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Outing } from '../../core/model/plan/outing';
import { usualOutings } from '../../core/desk/trial/outings';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { NumberField } from '../brief/NumberField';
import { StickPad } from './StickPad';
import { TrackRow } from './TrackRow';
import styles from './OutingEditor.module.css';

interface OutingEditorProps {
  outing: Outing;
  onChoose: (outingId: string) => void;
}

/** An outing as it is driven: a track for each function, to be drawn or recorded live. */
export function OutingEditor({ outing, onChoose }: OutingEditorProps) {
  const build = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const [isRecording, setRecording] = useState(false);
  const usual = usualOutings(build).find((candidate) => candidate.id === outing.id);
  const isOwn = (build.outings ?? []).some((candidate) => candidate.id === outing.id);
  const keep = (words: string, next: Outing) =>
    apply(`outing “${next.name}”: ${words}`, [{ type: 'keepOuting', outing: next }]);
  return (
    <div className={styles.editor}>
      <div className={styles.head}>
        <TextField
          key={outing.id}
          size="small"
          label="Name"
          defaultValue={outing.name}
          slotProps={{ htmlInput: { maxLength: 80 } }}
          onBlur={({ target }) => {
            const name = target.value.trim();
            if (name && name !== outing.name) keep('another name', { ...outing, name });
          }}
        />
        <NumberField
          label="Seconds"
          value={outing.seconds}
          least={0.5}
          most={86_400}
          onTake={(seconds) =>
            seconds && keep('another length', { ...outing, seconds: Math.max(seconds, 0.5) })
          }
        />
        <NumberField
          label="Load, × usual"
          value={outing.effort}
          least={0}
          most={10}
          onTake={(effort) => effort !== undefined && keep('another load', { ...outing, effort })}
        />
        {isOwn && (
          <Button
            onClick={() => {
              apply(`let go of “${outing.name}”`, [{ type: 'dropOuting', outing: outing.id }]);
              if (!usual) onChoose('');
            }}
          >
            {usual ? 'As it was' : 'Let go of it'}
          </Button>
        )}
        <Button variant={isRecording ? 'contained' : 'text'} onClick={() => setRecording(!isRecording)}>
          Drive it live
        </Button>
      </div>
      {isRecording && (
        <StickPad
          onRecorded={(recorded) => {
            setRecording(false);
            keep('recorded', recorded);
            onChoose(recorded.id);
          }}
        />
      )}
      <p className={styles.note}>
        Click in a track to add a point, drag a point to move it, double-click or press Delete to remove it.
        Up is full one way, down the other.
      </p>
      {build.functions.map((modelFunction) => (
        <TrackRow
          key={modelFunction.id}
          outing={outing}
          modelFunction={modelFunction}
          onChange={(next) => keep(modelFunction.name, next)}
        />
      ))}
    </div>
  );
}
