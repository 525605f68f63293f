import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';

interface RefusalProps {
  refusal: { title: string; why: string } | undefined;
  onClose: () => void;
}

/** Says why something was not taken, and that nothing changed. */
export function Refusal({ refusal, onClose }: RefusalProps) {
  return (
    <Dialog open={refusal !== undefined} onClose={onClose} aria-labelledby="refusal-title">
      <DialogTitle id="refusal-title">{refusal?.title}</DialogTitle>
      <DialogContent>
        <p className="figure">{refusal?.why}</p>
        <p style={{ marginTop: 12 }}>Nothing was changed: the build you had open is as it was.</p>
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          Back to the bench
        </Button>
      </DialogActions>
    </Dialog>
  );
}
