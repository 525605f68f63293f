import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';

import { useRefusal } from '../state/refusal-store';

/** Says why something was not taken, and that nothing changed. */
export function Refusal() {
  const { refusal, close } = useRefusal();
  return (
    <Dialog open={refusal !== undefined} onClose={close} aria-labelledby="refusal-title">
      <DialogTitle id="refusal-title">{refusal?.title}</DialogTitle>
      <DialogContent>
        <p className="figure" style={{ whiteSpace: 'pre-line' }}>
          {refusal?.why}
        </p>
        {refusal?.isNews !== true && (
          <p style={{ marginTop: 12 }}>Nothing was changed: the build you have open is as it was.</p>
        )}
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={close}>
          Back to the bench
        </Button>
      </DialogActions>
    </Dialog>
  );
}
