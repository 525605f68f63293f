import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { StepNote } from '../../core/model/plan/records';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { PhotoButton } from './PhotoButton';

interface KeptNoteProps {
  /** Under which the note is kept. */
  id: string;
  /** What it is about, in words. */
  about: string;
  label: string;
}

/** A note and a small photograph that a person keeps beside a step or a part. */
export function KeptNote({ id, about, label }: KeptNoteProps) {
  const known = useBuild().stepNotes?.find((note) => note.step === id);
  const apply = useBuildStore((store) => store.apply);
  const [text, setText] = useState(known?.text ?? '');
  const keep = (change: Partial<StepNote>) => {
    const { photo, text: said } = { ...known, text: text.trim(), ...change };
    if (said === (known?.text ?? '') && photo === known?.photo) return;
    apply(`note: ${about}`, [
      { type: 'noteStep', note: { step: id, text: said, ...(photo !== undefined && { photo }) } },
    ]);
  };
  return (
    <>
      <TextField
        size="small"
        multiline
        fullWidth
        label={label}
        value={text}
        slotProps={{ htmlInput: { maxLength: 1000 } }}
        sx={{ mt: 1, mb: 1 }}
        onChange={({ target }) => setText(target.value)}
        onBlur={() => keep({})}
      />
      <PhotoButton photo={known?.photo} shows={about} onTake={(photo) => keep({ photo })} />
    </>
  );
}
