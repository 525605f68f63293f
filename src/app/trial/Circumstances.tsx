import Slider from '@mui/material/Slider';
import styles from './TrialStation.module.css';

/** What an outing starts from: the state of the packs and the weather. */
export interface Start {
  /** 0 to 1 */
  charge: number;
  /** °C */
  air: number;
  /** Factor on the packs' ohms. */
  age: number;
}

interface CircumstancesProps {
  start: Start;
  onChange: (start: Start) => void;
}

/** Charge, cold and age, dragged with the outing following at once. */
export function Circumstances({ start, onChange }: CircumstancesProps) {
  return (
    <div className={styles.circumstances}>
      <Dial
        name="Charge"
        words={`${(100 * start.charge).toFixed(0)} %`}
        value={start.charge}
        range={[0.05, 1, 0.05]}
        onMove={(charge) => onChange({ ...start, charge })}
      />
      <Dial
        name="Air"
        words={`${start.air} °C`}
        value={start.air}
        range={[-10, 40, 5]}
        onMove={(air) => onChange({ ...start, air })}
      />
      <Dial
        name="Battery age"
        words={start.age === 1 ? 'new' : `${start.age.toFixed(2)} × the ohms`}
        value={start.age}
        range={[1, 3, 0.25]}
        onMove={(age) => onChange({ ...start, age })}
      />
    </div>
  );
}

interface DialProps {
  name: string;
  words: string;
  value: number;
  range: [least: number, most: number, step: number];
  onMove: (value: number) => void;
}

function Dial({ name, words, value, range: [min, max, step], onMove }: DialProps) {
  return (
    <label className={styles.dial}>
      <span>
        {name} <b className="figure">{words}</b>
      </span>
      <Slider
        size="small"
        aria-label={name}
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={(_, next) => onMove(next)}
      />
    </label>
  );
}
