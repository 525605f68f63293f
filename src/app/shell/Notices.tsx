import Button from '@mui/material/Button';
import { useBuildStore } from '../state/build-store';
import { storeAgain, useSaveState } from '../state/saving';
import { useUpdate } from '../state/updates';
import { downloadBuild } from './build-files';
import styles from './Notices.module.css';

/** What stands above every screen until it is dealt with: work that is not stored, a newer version. */
export function Notices() {
  const { state: saveState, why } = useSaveState();
  const take = useUpdate((state) => state.take);
  return (
    <>
      {saveState === 'gone' && (
        <div className={styles.trouble} role="alert">
          <p>This build was deleted in another window. This copy is not stored.</p>
          <Button size="small" onClick={() => void storeAgain()}>
            Store it again
          </Button>
        </div>
      )}
      {saveState === 'failed' && (
        <div className={styles.trouble} role="alert">
          <p>The last change is not stored: {why}. It is tried again by itself; you can go on meanwhile.</p>
          <Button size="small" onClick={() => downloadBuild(useBuildStore.getState().build!)}>
            Save this build as a file
          </Button>
        </div>
      )}
      {take && (
        <div className={styles.news} role="status">
          <p>A newer version of Dry Hull is here. Your builds stay as they are.</p>
          <Button size="small" onClick={take}>
            Take the new version
          </Button>
        </div>
      )}
    </>
  );
}
