import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { driveArrangements, exposures, type Brief } from '../../core/plan/brief';
import { useBuild, useBuildStore } from '../state/build-store';
import { NumberField } from './NumberField';
import styles from './Side.module.css';

const wishes = [
  { wish: 'finesse', words: 'Gentle at low speed' },
  { wish: 'dragBrake', words: 'Drag brake' },
  { wish: 'instantReverse', words: 'Reverse at once' },
  { wish: 'noReverse', words: 'No reverse at all' },
] as const;

/** Drive, exposure, mass, money and the manners of the drive. */
export function BriefFields() {
  const { brief } = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const set = (words: string, change: Partial<Brief>) =>
    apply(`Brief: ${words}`, [{ type: 'setBrief', change }]);
  return (
    <section className={styles.section} aria-label="What it must stand">
      <Choice
        label="Drive"
        value={brief.drive}
        options={driveArrangements}
        onChoose={(drive) => set('drive', { drive })}
      />
      <Choice
        label="Expects"
        value={brief.exposure}
        options={exposures}
        onChoose={(exposure) => set('exposure', { exposure })}
      />
      <div className={styles.pair}>
        <NumberField
          label="Mass, kg"
          value={brief.kilograms}
          least={0.01}
          most={500}
          onTake={(kilograms) => set('mass', { kilograms })}
        />
        <NumberField
          label="Money limit"
          value={brief.moneyLimit}
          least={0}
          most={1_000_000}
          onTake={(moneyLimit) => set('money limit', { moneyLimit })}
        />
      </div>
      {wishes.map(({ wish, words }) => (
        <FormControlLabel
          key={wish}
          className={styles.wish}
          control={
            <Checkbox
              size="small"
              checked={brief[wish]}
              onChange={(_, checked) => set(words, { [wish]: checked })}
            />
          }
          label={words}
        />
      ))}
    </section>
  );
}

interface ChoiceProps<Value extends string> {
  label: string;
  value: Value;
  options: readonly Value[];
  onChoose: (value: Value) => void;
}

export function Choice<Value extends string>({ label, value, options, onChoose }: ChoiceProps<Value>) {
  return (
    <TextField
      select
      fullWidth
      size="small"
      margin="dense"
      label={label}
      value={value}
      onChange={(event) => onChoose(event.target.value as Value)}
    >
      {options.map((option) => (
        <MenuItem key={option} value={option}>
          {option}
        </MenuItem>
      ))}
    </TextField>
  );
}
