import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import List from '@mui/material/List';
import ListItemButton from '@mui/material/ListItemButton';
import type { Patch } from '../../core/model/plan/patch';
import { capital } from '../../core/base/words/sentences';

interface JoinDialogProps {
  title: string;
  /** Why it does not go by itself, where it does not. */
  why?: string;
  ways: readonly Patch[];
  onTake: (patch: Patch) => void;
  onLeave: () => void;
}

/** The ways in which two things can be joined, where there is not just one. */
export function JoinDialog({ title, why, ways, onTake, onLeave }: JoinDialogProps) {
  return (
    <Dialog open onClose={onLeave} aria-labelledby="join-title">
      <DialogTitle id="join-title">{title}</DialogTitle>
      <DialogContent>
        {why !== undefined && <p>{capital(why)}.</p>}
        {ways.length > 0 && (
          <List dense>
            {ways.map((patch) => (
              <ListItemButton key={patch.id} onClick={() => onTake(patch)}>
                {patch.label}
              </ListItemButton>
            ))}
          </List>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onLeave}>{ways.length > 0 ? 'Cancel' : 'OK'}</Button>
      </DialogActions>
    </Dialog>
  );
}
