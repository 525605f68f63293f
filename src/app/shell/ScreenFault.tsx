import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useRevalidator, useRouteError } from 'react-router';
import { useBuildStore, useHistory } from '../state/build-store';
import { downloadBuild } from './build-files';
import styles from './ScreenFault.module.css';

/** Shown in the place of a screen that could not be drawn; the frame around it and all other screens go on. */
export function ScreenFault() {
  const error = useRouteError();
  const build = useBuildStore((state) => state.build);
  const { undo, undoDepth, undoWords } = useHistory();
  const { revalidate } = useRevalidator();
  const [isTrying, setTrying] = useState(false);
  const tryAgain = () => {
    setTrying(true);
    void revalidate().finally(() => setTrying(false));
  };
  const why = error instanceof Error ? error.message : 'something unexpected happened';
  return (
    <section className={styles.fault} role="alert">
      <h1>This screen could not be shown</h1>
      <p>
        What Dry Hull ran into: <span className="figure">{why}</span>. The build is as it was, and the other
        screens go on.
      </p>
      <div className={styles.ways}>
        {undoDepth > 0 && (
          <Button
            variant="contained"
            onClick={() => {
              undo();
              tryAgain();
            }}
          >
            Undo the last change: {undoWords}
          </Button>
        )}
        <Button disabled={isTrying} onClick={tryAgain}>
          Try it again
        </Button>
        {build && <Button onClick={() => downloadBuild(build)}>Save this build as a file</Button>}
        <Button component={Link} to="/builds">
          Go to all builds
        </Button>
      </div>
    </section>
  );
}
