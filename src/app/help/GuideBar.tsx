import Button from '@mui/material/Button';
import { useState } from 'react';
import { useBuildStore } from '../state/build-store';
import { usePanel } from '../state/use-panel';
import { usePreviewStore } from '../state/preview-store';
import { useGuide } from './guide-store';
import styles from './GuideBar.module.css';

const steps = [
  'The hull above has five wells. Water means trouble. Open the Voltage well.',
  'A finding gives the two numbers that decide it. Press its first button: it only shows what it would change.',
  'Goes, comes, and the dashed waterline: that is what you would get. Now press “Do it”.',
  'The water fell, and Undo brings it back. That is the whole idea: go on until every well is dry, then to Fit-out.',
];

/** Leads through the first finding in under a minute; each step ends by itself when it is done. */
export function GuideBar() {
  const { isOpen, close } = useGuide();
  const { isChosen } = usePanel();
  const isPreviewing = usePreviewStore((state) => state.shown !== undefined);
  const build = useBuildStore((state) => state.build);
  // What the build was when the guide began: any change to it is the put-right being taken.
  const [first] = useState(build);
  const step = build !== first ? 3 : isPreviewing ? 2 : isChosen ? 1 : 0;
  if (!isOpen) return null;
  return (
    <div className={styles.bar} role="note" aria-label="First steps">
      <span className={`figure ${styles.count}`}>
        {step + 1} of {steps.length}
      </span>
      <p>{steps[step]}</p>
      <Button size="small" onClick={close}>
        {step === steps.length - 1 ? 'Understood' : 'Skip'}
      </Button>
    </div>
  );
}
