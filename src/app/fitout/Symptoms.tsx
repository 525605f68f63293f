import Button from '@mui/material/Button';
import { useState } from 'react';
import type { FaultTable } from '../../core/bench/faults/fault-table';
import type { Evidence } from '../../core/bench/faults/finder';
import { symptomsOf } from '../../core/bench/faults/symptoms';
import { cautions } from '../../core/bench/procedure/cautions';
import { useCheck } from '../state/use-check';
import styles from './FaultFinder.module.css';

/** What a person sees, in plain words, and at which part: where a search begins that no step began. */
export function Symptoms({
  table,
  onSee,
}: {
  table: FaultTable;
  onSee: (evidence: readonly Evidence[]) => void;
}) {
  const { context } = useCheck();
  const [chosen, setChosen] = useState<string>();
  const symptoms = symptomsOf(context, table);
  const symptom = symptoms.find(({ id }) => id === chosen);
  return (
    <section className={styles.main} aria-labelledby="finder-title">
      <h2 id="finder-title" className={styles.question}>
        What do you see?
      </h2>
      <p className={styles.caution}>{cautions.stand}</p>
      <div className={styles.answers} role="group" aria-label="What you see">
        {symptoms.map(({ id, words, sights }) => (
          <Button
            key={id}
            variant={id === chosen ? 'contained' : 'outlined'}
            aria-pressed={id === chosen}
            onClick={() => {
              const [only] = sights;
              if (sights.length === 1 && only) onSee(only.evidence);
              else setChosen(id);
            }}
          >
            {words}
          </Button>
        ))}
      </div>
      {symptom && (
        <>
          <h3 className={styles.againTitle}>Which one?</h3>
          <div className={styles.answers} role="group" aria-label="Which part">
            {symptom.sights.map(({ name, evidence }) => (
              <Button key={name} variant="outlined" onClick={() => onSee(evidence)}>
                {name}
              </Button>
            ))}
          </div>
        </>
      )}
    </section>
  );
}
