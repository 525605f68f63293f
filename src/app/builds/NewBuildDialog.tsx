import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { modelKinds, type Build, type ModelKind } from '../../core/model/plan/build';
import { emptyBuild } from '../../core/model/plan/empty-build';
import { askToKeep, mayBeCleared } from '../state/persistence';

interface NewBuildDialogProps {
  onClose: () => void;
  onMake: (build: Build) => Promise<void>;
}

/** A new build from a name and a kind of model. */
export function NewBuildDialog({ onClose, onMake }: NewBuildDialogProps) {
  const [name, setName] = useState('');
  const [model, setModel] = useState<ModelKind>('boat');
  const { data: isAtRisk } = useQuery({ queryKey: ['may-be-cleared'], queryFn: mayBeCleared });
  const make = () => {
    // Whatever the browser says to it, the build is made.
    void askToKeep().catch(() => undefined);
    void onMake(emptyBuild(nanoid(), name.trim(), model));
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="new-build-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) make();
        }}
      >
        <DialogTitle id="new-build-title">New build</DialogTitle>
        <DialogContent>
          <TextField
            fullWidth
            margin="dense"
            label="Name of the model"
            value={name}
            slotProps={{ htmlInput: { maxLength: 80 } }}
            onChange={(event) => setName(event.target.value)}
          />
          <TextField
            select
            fullWidth
            margin="dense"
            label="Kind of model"
            value={model}
            onChange={(event) => setModel(event.target.value as ModelKind)}
          >
            {modelKinds.map((kind) => (
              <MenuItem key={kind} value={kind}>
                {kind}
              </MenuItem>
            ))}
          </TextField>
          {isAtRisk && (
            <p style={{ marginTop: 12, fontSize: 13, color: 'var(--soft-ink)' }}>
              Your browser may ask whether this page may keep its data. Say yes: else it can clear your builds
              when the disk is full.
            </p>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={!name.trim()}>
            Create
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
