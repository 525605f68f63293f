import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import HelpOutlineOutlined from '@mui/icons-material/HelpOutlineOutlined';
import KeyboardCommandKey from '@mui/icons-material/KeyboardCommandKey';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import Redo from '@mui/icons-material/Redo';
import TuneOutlined from '@mui/icons-material/TuneOutlined';
import Undo from '@mui/icons-material/Undo';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import { memo } from 'react';
import { useHelp } from '../help/use-help';
import { useSettingsDialog } from '../settings/use-settings-dialog';
import { useHistory } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useSaveState, type SaveState } from '../state/saving';
import { useBench } from '../theme/bench-store';
import { BuildMenu } from './BuildMenu';
import styles from './NameBlock.module.css';

const saveWords: Record<SaveState, string> = {
  saved: 'saved',
  saving: 'saving…',
  failed: 'not saved',
  gone: 'not stored',
};

/** The product, the open build, and what can be done with it at any time. Each edit draws the undo buttons anew, no more. */
export const NameBlock = memo(function NameBlock({ onCommands }: { onCommands: () => void }) {
  return (
    <div className={styles.block}>
      <div className={styles.name}>Dry Hull</div>
      <BuildMenu />
      <div className={styles.row}>
        <UndoButtons />
        <Tools onCommands={onCommands} />
        <SaveWord />
      </div>
    </div>
  );
});

function UndoButtons() {
  const { undo, redo, undoDepth, redoDepth, undoWords, redoWords } = useHistory();
  return (
    <>
      <Tooltip title={undoDepth > 0 ? `Undo: ${undoWords}` : 'Nothing to undo'}>
        <span>
          <IconButton size="small" aria-label="Undo" disabled={undoDepth === 0} onClick={undo}>
            <Undo fontSize="small" />
          </IconButton>
        </span>
      </Tooltip>
      <Tooltip title={redoDepth > 0 ? `Redo: ${redoWords}` : 'Nothing to redo'}>
        <span>
          <IconButton size="small" aria-label="Redo" disabled={redoDepth === 0} onClick={redo}>
            <Redo fontSize="small" />
          </IconButton>
        </span>
      </Tooltip>
    </>
  );
}

const Tools = memo(function Tools({ onCommands }: { onCommands: () => void }) {
  const { bench, toggle } = useBench();
  const { open: openSettings } = useSettingsDialog();
  const openHelp = useHelp((state) => state.open);
  const otherBench = bench === 'day' ? 'Night bench' : 'Day bench';
  return (
    <>
      <Tooltip title={otherBench}>
        <IconButton size="small" className={styles.bench} aria-label={otherBench} onClick={toggle}>
          {bench === 'day' ? <DarkModeOutlined fontSize="small" /> : <LightModeOutlined fontSize="small" />}
        </IconButton>
      </Tooltip>
      <Tooltip title="Commands and shortcuts (Ctrl K)">
        <IconButton size="small" aria-label="Commands and shortcuts" onClick={onCommands}>
          <KeyboardCommandKey fontSize="small" />
        </IconButton>
      </Tooltip>
      <Tooltip title="Help (?)">
        <IconButton size="small" aria-label="Help" onClick={openHelp}>
          <HelpOutlineOutlined fontSize="small" />
        </IconButton>
      </Tooltip>
      <Tooltip title="Settings: units, money, names of plugs">
        <IconButton size="small" aria-label="Settings" onClick={openSettings}>
          <TuneOutlined fontSize="small" />
        </IconButton>
      </Tooltip>
    </>
  );
});

function SaveWord() {
  const buildState = useSaveState((state) => state.state);
  const isLockerWriting = useLocker((locker) => locker.isWriting);
  const saveState = buildState === 'saved' && isLockerWriting ? 'saving' : buildState;
  const isTrouble = saveState === 'failed' || saveState === 'gone';
  return (
    <span className={isTrouble ? styles.failed : styles.saved} role="status">
      {saveWords[saveState]}
    </span>
  );
}
