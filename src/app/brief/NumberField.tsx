import TextField from '@mui/material/TextField';

interface NumberFieldProps {
  label: string;
  value: number | undefined;
  most: number;
  onTake: (value: number | undefined) => void;
}

/** A number that may be left out; taken when the field is left, refused where it makes no sense. */
export function NumberField({ label, value, most, onTake }: NumberFieldProps) {
  const shown = value === undefined ? '' : String(value);
  return (
    <TextField
      key={shown}
      size="small"
      margin="dense"
      label={label}
      defaultValue={shown}
      slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9 } }}
      onBlur={({ target }) => {
        const text = target.value.trim().replace(',', '.');
        if (text === shown) return;
        const typed = Number(text);
        if (text === '') onTake(undefined);
        else if (Number.isFinite(typed) && typed > 0 && typed <= most) onTake(typed);
        else target.value = shown;
      }}
    />
  );
}
