import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useBuild } from '../state/shown-build';
import { usePreviewStore } from '../state/preview-store';
import { useCheck } from '../state/use-check';
import { usePanel } from '../state/use-panel';
import { useGuide } from './guide-store';
import { guides, people, type GuideStep, type Person } from './guides';
import styles from './GuideBar.module.css';

const kinds = Object.keys(people) as Person[];

/** The first steps, for who looks around, refits or builds; each ends by itself when it is done. */
export function GuideBar() {
  const { isOpen, person, done, lead, close } = useGuide();
  if (!isOpen) return null;
  const steps = person && guides[person];
  const step = steps?.[done];
  return (
    <div className={styles.bar} role="note" aria-label="First steps">
      {!steps ? (
        <>
          <p>What brings you here?</p>
          {kinds.map((kind) => (
            <Button key={kind} size="small" variant="outlined" onClick={() => lead(kind)}>
              {people[kind]}
            </Button>
          ))}
        </>
      ) : step ? (
        <>
          <span className={`figure ${styles.count}`}>
            {done + 1} of {steps.length}
          </span>
          <p aria-live="polite">{step.words}</p>
          <Watch key={`${person} ${done}`} step={step} />
        </>
      ) : (
        <p aria-live="polite">
          That is the way round. A question mark in the head, or the key “?”, helps on every screen.
        </p>
      )}
      <Button size="small" onClick={close}>
        {steps && !step ? 'Understood' : 'Skip'}
      </Button>
    </div>
  );
}

/** Goes on once the step is done. */
function Watch({ step }: { step: GuideStep }) {
  const build = useBuild();
  const [before] = useState(build);
  const goOn = useGuide((state) => state.goOn);
  const { isChosen } = usePanel();
  const { pathname } = useLocation();
  const [params] = useSearchParams();
  const { findings } = useCheck();
  const isPreviewing = usePreviewStore((state) => state.shown !== undefined);
  const isDone = step.isDone({
    build,
    before,
    pathname,
    view: params.get('view'),
    isWellOpen: isChosen,
    isPreviewing,
    stops: findings.filter(({ severity, accepted }) => severity === 'stop' && !accepted).length,
  });
  useEffect(() => {
    if (isDone) goOn();
  }, [isDone, goOn]);
  return null;
}
