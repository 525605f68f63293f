import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { memo } from 'react';
import { driveArrangements, exposures, type Brief } from '../../core/model/plan/brief';
import { useBuildStore } from '../state/build-store';
import { useBuildPart } from '../state/shown-build';
import { NumberField } from './NumberField';
import styles from './Side.module.css';

const wishes = [
  { wish: 'finesse', words: 'Gentle at low speed' },
  { wish: 'dragBrake', words: 'Drag brake' },
  { wish: 'instantReverse', words: 'Reverse at once' },
  { wish: 'noReverse', words: 'No reverse at all' },
] as const;

/** Drive, exposure, mass, money and the manners of the drive: each is drawn again only when it changes. */
export const BriefFields = memo(function BriefFields() {
  return (
    <section className={styles.section} aria-label="What it must stand">
      <Place />
      <div className={styles.pair}>
        <Mass />
        <MoneyLimit />
      </div>
      {wishes.map(({ wish, words }) => (
        <Wish key={wish} wish={wish} words={words} />
      ))}
    </section>
  );
});

function useSet() {
  const apply = useBuildStore((state) => state.apply);
  return (words: string, change: Partial<Brief>) => apply(`Brief: ${words}`, [{ type: 'setBrief', change }]);
}

function Place() {
  const drive = useBuildPart((build) => build.brief.drive);
  const exposure = useBuildPart((build) => build.brief.exposure);
  const set = useSet();
  return (
    <>
      <Choice
        label="Drive"
        value={drive}
        options={driveArrangements}
        onChoose={(next) => set('drive', { drive: next })}
      />
      <Choice
        label="Will get"
        value={exposure}
        options={exposures}
        onChoose={(next) => set('exposure', { exposure: next })}
      />
    </>
  );
}

function Mass() {
  const kilograms = useBuildPart((build) => build.brief.kilograms);
  const set = useSet();
  return (
    <NumberField
      label="Mass, kg"
      value={kilograms}
      least={0.01}
      most={500}
      onTake={(typed) => set('mass', { kilograms: typed })}
    />
  );
}

function MoneyLimit() {
  const moneyLimit = useBuildPart((build) => build.brief.moneyLimit);
  const set = useSet();
  return (
    <NumberField
      label="Money limit"
      value={moneyLimit}
      least={0}
      most={1_000_000}
      onTake={(typed) => set('money limit', { moneyLimit: typed })}
    />
  );
}

function Wish({ wish, words }: { wish: (typeof wishes)[number]['wish']; words: string }) {
  const isWished = useBuildPart((build) => build.brief[wish]);
  const set = useSet();
  return (
    <FormControlLabel
      className={styles.wish}
      control={
        <Checkbox
          size="small"
          checked={isWished}
          onChange={(_, checked) => set(words, { [wish]: checked })}
        />
      }
      label={words}
    />
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
