import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { oneLine } from '../../core/base/words/sentences';
import { cautions } from '../../core/bench/procedure/cautions';

interface AnywayDialogProps {
  onClose: () => void;
  onReason: (reason: string) => void;
}

/** Asks why a step is done though something holds it. */
export function AnywayDialog({ onClose, onReason }: AnywayDialogProps) {
  const [typed, setTyped] = useState('');
  const reason = oneLine(typed);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="anyway-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (reason.length >= 3) onReason(reason);
        }}
      >
        <DialogTitle id="anyway-title">Do it though it is held?</DialogTitle>
        <DialogContent>
          <p>
            What holds it can burn a part, or start a motor by surprise. {cautions.stand} {cautions.heat}
          </p>
          <TextField
            fullWidth
            multiline
            required
            margin="normal"
            label="Why you do it anyway"
            value={typed}
            slotProps={{ htmlInput: { maxLength: 500 } }}
            onChange={({ target }) => setTyped(target.value)}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={reason.length < 3}>
            Do it anyway
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
