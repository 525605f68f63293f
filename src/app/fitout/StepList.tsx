import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import { phases, phaseNames } from '../../core/bench/procedure/step';
import type { StepState } from '../../core/bench/procedure/step-states';
import styles from './StepList.module.css';

interface StepListProps {
  states: readonly StepState[];
  inHand: StepState;
  done: number;
  onShow: (id: string) => void;
  onLook: (view: 'rehearse' | 'refit') => void;
}

/** All steps by phase, with what is done, what changed since, and what is held. */
export function StepList({ states, inHand, done, onShow, onLook }: StepListProps) {
  const current = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    current.current?.scrollIntoView({ block: 'nearest' });
  }, [inHand.step.id, states.length]);
  const spent = states.reduce((sum, { tick }) => sum + (tick?.minutes ?? 0), 0);
  return (
    <div className={styles.list}>
      <div className={styles.head}>
        <h1 className={styles.title}>Fit-out</h1>
        <span className="figure">
          {done} of {states.length} done{spent > 0 && `, ${timeWords(spent)}`}
        </span>
      </div>
      <div className={styles.rehearse}>
        <Button size="small" variant="outlined" onClick={() => onLook('rehearse')}>
          Rehearse it
        </Button>
        <Button size="small" variant="outlined" onClick={() => onLook('refit')}>
          Refit
        </Button>
      </div>
      {phases.map((phase) => {
        const here = states.filter((state) => state.step.phase === phase);
        if (here.length === 0) return null;
        const isHeld = here.every((stepState) => stepState.heldBy?.by === 'stops');
        return (
          <section key={phase} aria-label={phaseNames[phase]}>
            <h2 className={styles.phase}>
              {phaseNames[phase]}
              {isHeld && <span className={styles.held}>held</span>}
            </h2>
            <ol className={styles.steps}>
              {here.map((stepState) => (
                <li key={stepState.step.id}>
                  <button
                    ref={stepState === inHand ? current : undefined}
                    type="button"
                    className={styles.step}
                    aria-current={stepState === inHand ? 'step' : undefined}
                    onClick={() => onShow(stepState.step.id)}
                  >
                    <span
                      className={styles.mark}
                      data-state={
                        stepState.heldBy && stepState.state !== 'outOfBand' ? 'held' : stepState.state
                      }
                      aria-hidden
                    >
                      {markOf(stepState)}
                    </span>
                    <span>{stepState.step.title}</span>
                    <span className="visually-hidden">{stateWords(stepState)}</span>
                  </button>
                </li>
              ))}
            </ol>
          </section>
        );
      })}
    </div>
  );
}

/** Time at the bench so far. */
function timeWords(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 1) return 'under a minute';
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
}

function markOf({ state, heldBy }: StepState): string {
  if (state === 'done') return '✓';
  if (state === 'outOfBand') return '×';
  if (state === 'changed') return '!';
  return heldBy ? '–' : '';
}

function stateWords({ state, heldBy }: StepState): string {
  if (state === 'done') return 'done';
  if (state === 'outOfBand') return 'measured out of its band';
  if (state === 'changed') return 'changed since it was ticked';
  return heldBy ? 'held' : '';
}
