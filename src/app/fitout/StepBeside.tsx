import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Step } from '../../core/procedure/step';
import { stepAid } from '../../core/procedure/step-aid';
import type { StepNote } from '../../core/plan/records';
import { PhotoButton } from '../drawing/PhotoButton';
import { useBuild, useBuildStore } from '../state/build-store';
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
      <OwnNote key={step.id} step={step} />
    </aside>
  );
}

/** What the person keeps beside a step, whether it is done or not. */
function OwnNote({ step }: { step: Step }) {
  const known = useBuild().stepNotes?.find((note) => note.step === step.id);
  const apply = useBuildStore((store) => store.apply);
  const [text, setText] = useState(known?.text ?? '');
  const keep = (change: Partial<StepNote>) => {
    const { photo, text: said } = { ...known, text: text.trim(), ...change };
    if (said === (known?.text ?? '') && photo === known?.photo) return;
    apply(`note: ${step.title}`, [
      { type: 'noteStep', note: { step: step.id, text: said, ...(photo !== undefined && { photo }) } },
    ]);
  };
  return (
    <section aria-labelledby="step-note">
      <h3 id="step-note" className={styles.sideTitle}>
        Your note
      </h3>
      <TextField
        size="small"
        multiline
        fullWidth
        label="Which hole, how it was set, what it sounded like"
        value={text}
        slotProps={{ htmlInput: { maxLength: 1000 } }}
        sx={{ mt: 1, mb: 1 }}
        onChange={({ target }) => setText(target.value)}
        onBlur={() => keep({})}
      />
      <PhotoButton photo={known?.photo} shows={step.title} onTake={(photo) => keep({ photo })} />
    </section>
  );
}
