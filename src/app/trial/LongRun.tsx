import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useState } from 'react';
import type { Trial } from './use-trial';
import styles from './TrialStation.module.css';

/** Milliseconds that an outing may take without a word. */
const patience = 500;

/** What stands above the pictures while a long outing is worked out, and after it was called off. */
export function LongRun({ trial }: { trial: Trial }) {
  const { isRunning, isCalledOff, callOff, runAgain } = trial;
  const [isLong, setIsLong] = useState(false);
  useEffect(() => {
    if (!isRunning) return;
    const timer = setTimeout(() => setIsLong(true), patience);
    return () => {
      clearTimeout(timer);
      setIsLong(false);
    };
  }, [isRunning]);
  if (isCalledOff)
    return (
      <div className={styles.longRun} role="status">
        <p>You called this outing off.</p>
        <Button size="small" onClick={runAgain}>
          Run it
        </Button>
      </div>
    );
  if (!isLong || !isRunning) return null;
  return (
    <div className={styles.longRun} role="status">
      <p>Working this outing out, second by second</p>
      <LinearProgress sx={{ flex: 1 }} />
      <Button size="small" onClick={callOff}>
        Stop
      </Button>
    </div>
  );
}
