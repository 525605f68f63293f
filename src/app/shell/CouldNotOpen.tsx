import Button from '@mui/material/Button';
import { useRouteError } from 'react-router';

/** Shown when something broke that the program did not expect; the stored builds are untouched. */
export function CouldNotOpen() {
  const error = useRouteError();
  const why = error instanceof Error ? error.message : 'something unexpected happened';
  return (
    <main style={{ padding: 24, maxWidth: 560 }}>
      <h1>This screen could not be shown</h1>
      <p>
        What Dry Hull ran into: <span className="figure">{why}</span>. Your builds are safe in this browser.
      </p>
      <p style={{ marginTop: 16 }}>
        <Button variant="contained" href="/">
          Open it again
        </Button>
      </p>
    </main>
  );
}
