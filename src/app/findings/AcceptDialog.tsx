import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { oneLine } from '../../core/base/words/sentences';
import type { Finding } from '../../core/judgement/findings/finding';
import { useBuildStore } from '../state/build-store';

/** Takes a finding on knowingly; a stop only with a reason. */
export function AcceptDialog({ finding, onClose }: { finding: Finding; onClose: () => void }) {
  const [reason, setReason] = useState('');
  const apply = useBuildStore((state) => state.apply);
  const needsReason = finding.severity === 'stop';
  const accept = () => {
    const typed = oneLine(reason);
    const acceptance = {
      finding: finding.id,
      margin: finding.margin,
      on: new Date().toISOString(),
      ...(typed && { reason: typed }),
    };
    apply(`accept: ${finding.text}`, [{ type: 'accept', acceptance }]);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="accept-title">
      <DialogTitle id="accept-title">Accept this?</DialogTitle>
      <DialogContent>
        <p>
          <strong>{finding.text}.</strong> {finding.why}
        </p>
        <TextField
          fullWidth
          multiline
          margin="normal"
          label={needsReason ? 'Why you accept a stop' : 'Why, if you like'}
          value={reason}
          required={needsReason}
          slotProps={{ htmlInput: { maxLength: 500 } }}
          onChange={(event) => setReason(event.target.value)}
        />
        <p>It stays listed as accepted, and comes back by itself if it gets worse.</p>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={needsReason && reason.trim().length < 3} onClick={accept}>
          Accept
        </Button>
      </DialogActions>
    </Dialog>
  );
}
