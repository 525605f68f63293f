import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { ReadingKind } from '../../core/bench/calibration/reading-kinds';

interface ReadingSelectProps {
  kinds: readonly ReadingKind[];
  what: string;
  onChoose: (what: string) => void;
}

/** What was read, of all that can be read on this model. */
export function ReadingSelect({ kinds, what, onChoose }: ReadingSelectProps) {
  return (
    <TextField
      select
      fullWidth
      size="small"
      margin="dense"
      label="What you read"
      value={what}
      onChange={({ target }) => onChoose(target.value)}
    >
      {kinds.map((kind) => (
        <MenuItem key={kind.what} value={kind.what}>
          {kind.name}
        </MenuItem>
      ))}
    </TextField>
  );
}
