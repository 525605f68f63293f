import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Fault } from '../../core/bench/faults/fault';
import styles from './Rehearsal.module.css';

interface PlantedProps {
  faults: readonly Fault[];
  /** What is wrong; nothing where it is as planned. */
  planted: Fault | undefined;
  onPlant: (fault: Fault | undefined) => void;
}

/** A mistake planted to practise on: found by what the model does, named, told right or wrong. */
export function Planted({ faults, planted, onPlant }: PlantedProps) {
  const [told, setTold] = useState('');
  const [guess, setGuess] = useState<Fault | null>(null);
  const plant = (fault: Fault | undefined) => {
    setTold('');
    setGuess(null);
    onPlant(fault);
  };
  return (
    <section aria-label="Mistakes" className={styles.planted}>
      <h2 className={styles.sideTitle}>Practise</h2>
      {!planted ? (
        <>
          <p>
            One of {faults.length - 1} mistakes that this very build may have, hidden: find it by what it
            does.
          </p>
          <Button variant="outlined" onClick={() => plant(drawn(faults, Math.random()))}>
            Plant a mistake
          </Button>
        </>
      ) : (
        <>
          <p>
            <strong>Something is wrong with it now.</strong> Try the controls and the meter, then say what it
            is.
          </p>
          <Autocomplete
            size="small"
            options={[...faults]}
            value={guess}
            getOptionLabel={({ label }) => label}
            getOptionKey={({ id }) => id}
            isOptionEqualToValue={(a, b) => a.id === b.id}
            onChange={(_, fault) => {
              setGuess(fault);
              if (fault)
                setTold(
                  fault.id === planted.id || fault.cure === planted.cure
                    ? `Right: ${planted.cure}`
                    : 'That is not it: it would look otherwise.',
                );
            }}
            renderInput={(params) => <TextField {...params} margin="dense" label="It is…" />}
          />
          <p role="status" className={styles.told}>
            {told}
          </p>
          <Button size="small" onClick={() => setTold(`${planted.label}. ${planted.cure}`)}>
            Tell me
          </Button>
          <Button size="small" onClick={() => plant(undefined)}>
            As planned again
          </Button>
        </>
      )}
    </section>
  );
}

/** A fault as likely as it is; nothing-wrong is not one to practise on. */
function drawn(faults: readonly Fault[], at: number): Fault | undefined {
  const real = faults.filter(({ id }) => id !== 'nothing');
  let left = at * real.reduce((sum, { weight }) => sum + weight, 0);
  return real.find(({ weight }) => (left -= weight) < 0);
}
