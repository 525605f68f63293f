import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { cautions } from '../../core/bench/procedure/cautions';
import { phaseNames, type Step } from '../../core/bench/procedure/step';
import { changedWords, tickOf } from '../../core/bench/procedure/tick';
import type { StepState } from '../../core/bench/procedure/step-states';
import { Explained } from '../help/Explained';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { refuse } from '../state/refusal-store';
import { HoldNotice } from './HoldNotice';
import { ReadingField } from './ReadingField';
import { StepBeside } from './StepBeside';
import styles from './StepInHand.module.css';

interface StepInHandProps {
  state: StepState;
  number: number;
  total: number;
  /** Whether every step is done. */
  isEnd: boolean;
  /** Goes on to the first step that is not done. */
  onNext: () => void;
  /** Looks for why it does not do what it says. */
  onFind: () => void;
}

/** The step in hand, large, with its safety lines first. */
export function StepInHand({
  state: { step, state, tick, heldBy, verdict },
  number,
  total,
  isEnd,
  onNext,
  onFind,
}: StepInHandProps) {
  const build = useBuild();
  const apply = useBuildStore((store) => store.apply);
  const [reason, setReason] = useState<string>();
  const [since] = useState(() => Date.now());
  const isHeld = heldBy !== undefined && reason === undefined;
  const setTick = (reading?: number) => {
    const now = Date.now();
    const done = tickOf(
      build,
      { step, heldBy },
      { on: new Date(now).toISOString(), reading, reason, minutes: (now - since) / 60_000 },
    );
    if (done.ok) apply(`tick: ${step.title}`, [{ type: 'tick', tick: done.value }]);
    else refuse(`Not done: ${step.title}`, done.problem);
  };
  return (
    <article className={styles.step} aria-labelledby="step-title">
      <div className={styles.text}>
        <p className={styles.place}>
          {phaseNames[step.phase]} ·{' '}
          <span className="figure">
            step {number} of {total}
          </span>
        </p>
        <h2 id="step-title" className={styles.title}>
          {step.title}
        </h2>
        {step.cautions.length > 0 && (
          <ul className={styles.cautions} aria-label="Safety">
            {step.cautions.map((id) => (
              <li key={id}>{cautions[id]}</li>
            ))}
          </ul>
        )}
        {step.lines.map((line) => (
          <p key={line} className={styles.line}>
            <Explained text={line} />
          </p>
        ))}
        {heldBy && <HoldNotice heldBy={heldBy} reason={reason} onAnyway={setReason} />}
        {tick?.reason !== undefined && (
          <p className={styles.changed}>Done though it was held: “{tick.reason}”</p>
        )}
        {state === 'changed' && tick && <p className={styles.changed}>{changedWords(step, tick)}</p>}
        {step.measurement && !isHeld && (
          <ReadingField
            key={tick?.reading}
            measurement={step.measurement}
            reading={tick?.reading}
            verdict={verdict}
            onTake={setTick}
          />
        )}
        <div className={styles.buttons}>
          {!step.measurement && (
            <Button
              variant="contained"
              size="large"
              disabled={isHeld}
              onClick={() => {
                setTick();
                onNext();
              }}
            >
              {state === 'changed' ? 'Looked again, done' : 'Done, next step'}
            </Button>
          )}
          {canFail(step) && (
            <Button size="large" onClick={onFind}>
              It doesn’t work
            </Button>
          )}
          {state !== 'open' && (
            <Button
              size="large"
              onClick={() => apply(`untick: ${step.title}`, [{ type: 'untick', step: step.id }])}
            >
              Take the tick back
            </Button>
          )}
          {state === 'done' && !isEnd && (
            <Button size="large" onClick={onNext}>
              Next open step
            </Button>
          )}
        </div>
        {isEnd && (
          <p className={styles.line} role="status">
            Every step is done: the model is fitted out. Keep the <Link to="/sheet">wiring sheet</Link> with
            it.
          </p>
        )}
      </div>
      <StepBeside step={step} onTake={step.measurement && !isHeld ? setTick : undefined} />
    </article>
  );
}

/** Steps with the pack in, and those just before them, show whether something is wrong. */
const canFail = ({ needsPower, phase }: Step): boolean => needsPower && phase !== 'switchOff';
