import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Measurement } from '../../core/bench/procedure/step';
import type { ReadingVerdict } from '../../core/bench/procedure/step-states';
import { formatQuantity } from '../../core/base/quantity/format';
import styles from './ReadingField.module.css';

interface ReadingFieldProps {
  measurement: Measurement;
  reading: number | undefined;
  verdict: ReadingVerdict | undefined;
  onTake: (reading: number) => void;
}

/** Takes what the meter says, and judges it against the plan. */
export function ReadingField({ measurement, reading, verdict, onTake }: ReadingFieldProps) {
  const [typed, setTyped] = useState(reading === undefined ? '' : String(reading));
  const { what, unit, least, most } = measurement;
  // A decimal comma is as good as a point.
  const value = Number(typed.trim().replace(',', '.'));
  const isNumber = typed.trim() !== '' && Number.isFinite(value) && Math.abs(value) < 1000;
  const band = `${formatQuantity(least, unit)} to ${formatQuantity(most, unit)}`;
  const error =
    typed.trim() !== '' && !isNumber ? `A number in ${unit}, such as ${least.toFixed(2)}` : undefined;
  return (
    <form
      className={styles.field}
      onSubmit={(event) => {
        event.preventDefault();
        if (isNumber) onTake(value);
      }}
    >
      <TextField
        label={`Reading, ${unit}`}
        value={typed}
        error={error !== undefined}
        helperText={error ?? `${what}: should be ${band}`}
        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 12 } }}
        onChange={(event) => setTyped(event.target.value)}
      />
      <Button type="submit" variant="contained" size="large" disabled={!isNumber} sx={{ height: 52 }}>
        Write it down
      </Button>
      {verdict && reading !== undefined && (
        <p className={styles.verdict} data-verdict={verdict} role="status">
          <span className="figure">{formatQuantity(reading, unit)}</span> {verdictWords[verdict]}
        </p>
      )}
    </form>
  );
}

const verdictWords: Record<ReadingVerdict, string> = {
  good: 'is as planned.',
  low: 'is lower than planned: pack out, look for a thin lead, a bad contact or a part that draws too much.',
  high: 'is higher than planned: pack out before something cooks, and check the regulator’s setting.',
};
