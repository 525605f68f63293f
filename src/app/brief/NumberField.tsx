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
  const [isRefused, setRefused] = useState(false);
  return (
    <TextField
      key={shown}
      size="small"
      margin="dense"
      label={label}
      defaultValue={shown}
      error={isRefused}
      helperText={isRefused && `a number from ${least} to ${most}`}
      placeholder={estimated && `≈ ${estimated}`}
      slotProps={{
        htmlInput: { inputMode: 'decimal', maxLength: 9 },
        // So that its name can be read while it is empty.
        inputLabel: { shrink: true },
      }}
      onBlur={({ target }) => {
        const text = target.value.trim().replace(',', '.');
        const typed = Number(text);
        const isGood = text === '' || (Number.isFinite(typed) && typed >= least && typed <= most);
        setRefused(!isGood);
        if (isGood && text !== shown) onTake(text === '' ? undefined : typed);
      }}
    />
  );
}
