import type { Step } from '../../core/bench/procedure/step';
import { stepAid } from '../../core/bench/procedure/step-aid';
import { KeptNote } from '../drawing/KeptNote';
import { useCheck } from '../state/use-check';
import { Explained } from '../help/Explained';
import { InstrumentPanel } from './InstrumentPanel';
import { StepPlace } from './StepPlace';
import styles from './StepInHand.module.css';

interface StepBesideProps {
  step: Step;
  /** Takes a reading for the step, where it wants one and is not held. */
  onTake: ((reading: number) => void) | undefined;
}

/** Beside the step in hand: the place that it is about, instruments, what to have ready, what to do where it fails, own notes. */
export function StepBeside({ step, onTake }: StepBesideProps) {
  const { context } = useCheck();
  const { kit, ifNot } = stepAid(context, step);
  return (
    <aside className={styles.beside} aria-label="Beside this step">
      {(step.needsPower || step.measurement) && <InstrumentPanel step={step} onTake={onTake} />}
      <StepPlace step={step} />
      {kit.length > 0 && (
        <section aria-labelledby="step-kit">
          <h3 id="step-kit" className={styles.sideTitle}>
            At hand
          </h3>
          <ul className={styles.kit}>
            {kit.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
      )}
      {ifNot !== undefined && (
        <section aria-labelledby="step-if-not">
          <h3 id="step-if-not" className={styles.sideTitle}>
            If it does not
          </h3>
          <p className={styles.ifNot}>
            <Explained text={ifNot} />
          </p>
        </section>
      )}
      <section aria-labelledby="step-note">
        <h3 id="step-note" className={styles.sideTitle}>
          Your note
        </h3>
        <KeptNote
          key={step.id}
          id={step.id}
          about={step.title}
          label="Which hole, how it was set, what it sounded like"
        />
      </section>
    </aside>
  );
}
