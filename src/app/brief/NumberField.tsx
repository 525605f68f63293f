import TextField from '@mui/material/TextField';
import { useState } from 'react';

interface NumberFieldProps {
  label: string;
  value: number | undefined;
  /** What is taken while the field is empty. */
  estimated?: string;
  least: number;
  most: number;
  onTake: (value: number | undefined) => void;
}

interface Typed {
  text: string;
  /** What the field showed before. */
  over: string;
  isRefused: boolean;
}

/** A number that may be left out; taken when the field is left. What makes no sense stays typed, with why. */
export function NumberField({ label, value, estimated, least, most, onTake }: NumberFieldProps) {
  const shown = value === undefined ? '' : String(value);
  // Only what is typed and not taken yet: a field made anew for each figure would cost the edit its frame. It is over
  // once the figure is another, by an undo or for another part.
  const [typed, setTyped] = useState<Typed>();
  const now = typed?.over === shown ? typed : undefined;
  return (
    <TextField
      size="small"
      margin="dense"
      label={label}
      value={now?.text ?? shown}
      error={now?.isRefused === true}
      helperText={now?.isRefused && `a number from ${least} to ${most}`}
      placeholder={estimated && `≈ ${estimated}`}
      slotProps={{
        htmlInput: { inputMode: 'decimal', maxLength: 9 },
        // So that its name can be read while it is empty.
        inputLabel: { shrink: true },
      }}
      onChange={({ target }) =>
        setTyped({ text: target.value, over: shown, isRefused: now?.isRefused === true })
      }
      onBlur={({ target }) => {
        const text = target.value.trim().replace(',', '.');
        const number = Number(text);
        const isGood = text === '' || (Number.isFinite(number) && number >= least && number <= most);
        setTyped(isGood ? undefined : { text: target.value, over: shown, isRefused: true });
        if (isGood && text !== shown) onTake(text === '' ? undefined : number);
      }}
    />
  );
}
