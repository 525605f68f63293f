import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useHistory } from '../state/build-store';
import { useDone } from '../state/done-store';

/** Milliseconds that it stands: long enough to be read and reached for. */
const standing = 8000;

/** What was just done, and the way back; gone as soon as anything else is done. */
export default function JustDone() {
  const { done, close } = useDone();
  const { undo } = useHistory();
  return (
    <Snackbar
      open={done !== undefined}
      autoHideDuration={standing}
      // On a phone the stations stand below.
      sx={{ bottom: { xs: 84, md: 24 } }}
      onClose={(_, reason) => reason !== 'clickaway' && close()}
      message={done?.words}
      action={
        <Button
          color="inherit"
          size="small"
          aria-label={`Undo: ${done?.words ?? ''}`}
          onClick={() => {
            undo();
            close();
          }}
        >
          Undo
        </Button>
      }
    />
  );
}
