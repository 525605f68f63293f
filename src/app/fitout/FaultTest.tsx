import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { BenchTest } from '../../core/bench/faults/bench-test';
import type { Evidence } from '../../core/bench/faults/finder';
import { cautions } from '../../core/bench/procedure/cautions';
import { Explained } from '../help/Explained';
import { LeadStrip } from './LeadStrip';
import styles from './FaultFinder.module.css';

interface FaultTestProps {
  test: BenchTest;
  /** Whether it stands by itself, with its caution and its lead. */
  isFirst: boolean;
  onSee: (evidence: Evidence) => void;
  onSkip?: () => void;
}

/** Most volts that anybody reads in a model. */
const mostVolts = 100;

/** One test: what to do, and what may be seen. */
export function FaultTest({ test, isFirst, onSee, onSkip }: FaultTestProps) {
  const [typed, setTyped] = useState('');
  const volts = Number(typed.trim().replace(',', '.'));
  const isVolts = typed.trim() !== '' && Number.isFinite(volts) && Math.abs(volts) <= mostVolts;
  return (
    <div className={styles.test}>
      {isFirst && test.isPowered && (
        <p className={styles.caution}>
          {cautions.stand} {test.answers.length === 0 && cautions.liveLeads}
        </p>
      )}
      <p className={isFirst ? styles.words : styles.shortWords}>
        <Explained text={test.words} />
      </p>
      {isFirst && test.lead !== undefined && <LeadStrip leadId={test.lead} />}
      {test.answers.length > 0 ? (
        <div className={styles.answers} role="group" aria-label="What you see">
          {test.answers.map(({ id, words }) => (
            <Button key={id} variant="outlined" onClick={() => onSee({ test: test.id, seen: id })}>
              {words}
            </Button>
          ))}
        </div>
      ) : (
        <form
          className={styles.volts}
          onSubmit={(event) => {
            event.preventDefault();
            if (isVolts) onSee({ test: test.id, seen: volts });
          }}
        >
          <TextField
            label="Reading, V"
            value={typed}
            error={typed.trim() !== '' && !isVolts}
            helperText={
              typed.trim() !== '' && !isVolts
                ? `Volts from −${mostVolts} to ${mostVolts}, such as 5.02`
                : 'Minus where the plus probe is on the lower contact'
            }
            slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 12 } }}
            onChange={(event) => setTyped(event.target.value)}
          />
          <Button type="submit" variant="contained" size="large" disabled={!isVolts} sx={{ height: 52 }}>
            Write it down
          </Button>
        </form>
      )}
      {onSkip && (
        <Button size="small" onClick={onSkip}>
          I cannot do this one
        </Button>
      )}
    </div>
  );
}
