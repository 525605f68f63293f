import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { springsBack, type Stick } from './sticks';
import styles from './Rehearsal.module.css';

interface TransmitterProps {
  sticks: readonly Stick[];
  values: ReadonlyMap<string, number>;
  onMove: (id: string, value: number) => void;
}

/** The transmitter on the screen: each function's control, as it springs or stays. */
export function Transmitter({ sticks, values, onMove }: TransmitterProps) {
  return (
    <section className={styles.transmitter} aria-label="Transmitter">
      {sticks.map((stick) => (
        <div key={stick.id} className={styles.stick}>
          <span className={styles.stickName}>{stick.name}</span>
          <span className={styles.control}>{stick.control}</span>
          <Control stick={stick} value={values.get(stick.id) ?? stick.start} onMove={onMove} />
        </div>
      ))}
    </section>
  );
}

interface ControlProps {
  stick: Stick;
  value: number;
  onMove: (id: string, value: number) => void;
}

function Control({ stick, value, onMove }: ControlProps) {
  const { id, name, kind } = stick;
  if (kind === 'momentary')
    return (
      <Button
        variant={value > 0 ? 'contained' : 'outlined'}
        aria-pressed={value > 0}
        onPointerDown={() => onMove(id, 1)}
        onPointerUp={() => onMove(id, -1)}
        onPointerLeave={() => onMove(id, -1)}
        onKeyDown={({ key }) => (key === ' ' || key === 'Enter') && onMove(id, 1)}
        onKeyUp={() => onMove(id, -1)}
      >
        {name}
      </Button>
    );
  if (kind === 'twoPosition' || kind === 'threePosition')
    return (
      <ToggleButtonGroup
        exclusive
        size="small"
        value={value}
        aria-label={name}
        onChange={(_, next: number | null) => next !== null && onMove(id, next)}
      >
        {(kind === 'twoPosition' ? [-1, 1] : [-1, 0, 1]).map((position) => (
          <ToggleButton key={position} value={position}>
            {positionWords(position)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    );
  const percent = Math.round(100 * value);
  return (
    <Slider
      aria-label={name}
      min={-100}
      max={100}
      step={5}
      value={percent}
      track={false}
      marks={[{ value: 0 }]}
      valueLabelDisplay="auto"
      valueLabelFormat={(shown) => `${shown} %`}
      onChange={(_, next) => onMove(id, next / 100)}
      onPointerUp={() => springsBack(stick) && onMove(id, 0)}
      onKeyDown={(event) => {
        if (event.key !== ' ') return;
        event.preventDefault();
        onMove(id, stick.start);
      }}
      onBlur={() => springsBack(stick) && onMove(id, 0)}
    />
  );
}

const positionWords = (position: number): string => (position < 0 ? 'down' : position > 0 ? 'up' : 'middle');
