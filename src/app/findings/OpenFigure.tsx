import Button from '@mui/material/Button';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { settledSheet, settlingField, takenUsual } from '../../core/desk/locker/settle-figure';
import { sheetEdit } from '../../core/desk/locker/sheet-edit';
import { openQuestions } from '../../core/judgement/check/asked-facts';
import { waysToKnow } from '../../core/judgement/check/ways-to-know';
import type { Settling } from '../../core/judgement/findings/finding';
import { valueWords } from '../../core/model/kinds/figure-names';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import { capital } from '../../core/base/words/sentences';
import { useBuildStore } from '../state/build-store';
import { useCheck } from '../state/use-check';
import styles from './OpenFigure.module.css';

/** The one figure that an open verdict hangs on: its range, where the verdict tips, and a field to settle it. */
export function OpenFigure({ settling }: { settling: Settling }) {
  const check = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const [refused, setRefused] = useState<string>();
  const [text, setText] = useState('');
  const [isMeasured, setMeasured] = useState(false);
  const way = waysToKnow[settling.name];
  const { index } = check.context;
  if (!index.has(settling.fitting)) return null;
  const fitted = index.get(settling.fitting);
  const field = settlingField(fitted.part, settling);
  const settles =
    openQuestions(check.findings).find((each) => each.settling.key === settling.key)?.settles ?? 1;
  const write = (sheet: PartSpec) => apply(settling.words, [sheetEdit(index, fitted, sheet)]);
  const take = () => {
    const read = settledSheet(fitted.part, settling, text, isMeasured ? 'measured' : 'stated');
    setRefused(read.ok ? undefined : capital(read.problem));
    if (read.ok) write(read.value);
  };
  return (
    <form
      className={styles.question}
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <FigureRange settling={settling} />
      <p className={styles.asks}>
        {capital(settling.words)}? <span className={styles.settles}>settles {settles}</span>
      </p>
      {way && <p className={styles.read}>{way.read}</p>}
      <div className={styles.answer}>
        {field && (
          <TextField
            size="small"
            value={text}
            error={refused !== undefined}
            helperText={refused}
            onChange={({ target }) => setText(target.value)}
            slotProps={{
              htmlInput: { 'aria-label': `${capital(settling.words)}, ${field.unit}`, maxLength: 24 },
              input: { endAdornment: <InputAdornment position="end">{field.unit}</InputAdornment> },
            }}
            sx={{ width: 128 }}
          />
        )}
        {text.trim() === '' ? (
          <Button onClick={() => write(takenUsual(fitted.part, settling))}>
            Take ≈ {valueWords(settling.name, settling.likely)}
          </Button>
        ) : (
          <Button type="submit" variant="contained">
            Set it
          </Button>
        )}
      </div>
      {way?.measure && (
        <Button
          size="small"
          sx={{ px: 0, textAlign: 'left' }}
          aria-expanded={isMeasured}
          onClick={() => setMeasured(!isMeasured)}
        >
          Measure it: {way.measure.minutes} min, {way.measure.needs}
        </Button>
      )}
      {way?.measure && isMeasured && (
        <>
          <p className={styles.caution}>{way.measure.caution}</p>
          <ol className={styles.steps}>
            {way.measure.steps.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </>
      )}
    </form>
  );
}

/** The usual range of a figure, and the value at which the verdict tips. */
function FigureRange({ settling }: { settling: Settling }) {
  const { name, low, likely, high, worse, tips } = settling;
  const room = 0.35 * (high - low);
  const x = scaleLinear([low - room, high + room], [0, 280]);
  const words = (value: number) => valueWords(name, value).replace(/ [^ ]+$/, '');
  const leaks = worse === 'high' ? [tips, high] : [low, tips];
  return (
    <svg
      viewBox="0 0 280 52"
      className={styles.range}
      role="img"
      aria-label={`usually ${valueWords(name, likely)}, from ${words(low)} to ${words(high)}; tips at ${words(tips)}`}
    >
      <line x1={0} x2={280} y1={28} y2={28} className={styles.axis} />
      <rect x={x(low)} width={x(high) - x(low)} y={21} height={14} className={styles.usual} />
      <rect
        x={x(leaks[0]!)}
        width={x(leaks[1]!) - x(leaks[0]!)}
        y={21}
        height={14}
        className={styles.leaks}
      />
      <circle cx={x(likely)} cy={28} r={5} className={styles.likely} />
      <line x1={x(tips)} x2={x(tips)} y1={15} y2={41} className={styles.tip} />
      <text x={x(tips)} y={11} textAnchor="middle" className={styles.tips}>
        {valueWords(name, tips)}
      </text>
      {[low, high].map((value) => (
        <text key={value} x={x(value)} y={50} textAnchor="middle" className={styles.end}>
          {words(value)}
        </text>
      ))}
    </svg>
  );
}
