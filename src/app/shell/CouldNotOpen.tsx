import Button from '@mui/material/Button';
import { useRouteError } from 'react-router';
import { useBuildStore } from '../state/build-store';
import { openDemo } from '../state/open-build';
import { downloadBuild } from './build-files';
import styles from './ScreenFault.module.css';

/** Shown when the frame itself could not be drawn; the stored builds are untouched. */
export function CouldNotOpen() {
  const error = useRouteError();
  const build = useBuildStore((state) => state.build);
  const why = error instanceof Error ? error.message : 'something unexpected happened';
  const toDemo = async () => {
    await openDemo('harbour-tug');
    window.location.assign('/builds');
  };
  return (
    <main className={styles.fault}>
      <h1>Dry Hull could not be shown</h1>
      <p>
        What it ran into: <span className="figure">{why}</span>. Your builds lie untouched in this browser.
      </p>
      <div className={styles.ways}>
        <Button variant="contained" href="/">
          Reopen
        </Button>
        {build && <Button onClick={() => downloadBuild(build)}>Save the open build as a file</Button>}
        <Button onClick={() => void toDemo()}>Leave this build, go to all builds</Button>
      </div>
    </main>
  );
}
