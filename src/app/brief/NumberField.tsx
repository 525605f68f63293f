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

/** A number that may be left out; taken when the field is left. What makes no sense stays typed, with why. */
export function NumberField({ label, value, estimated, least, most, onTake }: NumberFieldProps) {
  const shown = value === undefined ? '' : String(value);
  // Only what is typed and not taken yet: a field made anew for each figure would cost the edit its frame.
  const [typed, setTyped] = useState<string>();
  const [isRefused, setRefused] = useState(false);
  return (
    <TextField
      size="small"
      margin="dense"
      label={label}
      value={typed ?? shown}
      error={isRefused}
      helperText={isRefused && `a number from ${least} to ${most}`}
      placeholder={estimated && `≈ ${estimated}`}
      slotProps={{
        htmlInput: { inputMode: 'decimal', maxLength: 9 },
        // So that its name can be read while it is empty.
        inputLabel: { shrink: true },
      }}
      onChange={({ target }) => setTyped(target.value)}
      onBlur={({ target }) => {
        const text = target.value.trim().replace(',', '.');
        const number = Number(text);
        const isGood = text === '' || (Number.isFinite(number) && number >= least && number <= most);
        setRefused(!isGood);
        if (!isGood) return;
        setTyped(undefined);
        if (text !== shown) onTake(text === '' ? undefined : number);
      }}
    />
  );
}
