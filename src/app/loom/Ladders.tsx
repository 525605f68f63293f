import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { regulatorSizings } from '../../core/model/plan/policies';
import { laddersOf } from '../../core/reading/circuit/ladders';
import { schoolWords } from '../../core/judgement/rules/support/school-words';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { useCheck } from '../state/use-check';
import { LadderBar } from './LadderBar';
import styles from './Ladders.module.css';

/** Amps asked against amps given at the worst second, to scale, for each rail and pack. */
export function Ladders() {
  const { context, likely } = useCheck();
  const { policies } = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const ladders = laddersOf(likely.circuit);
  if (ladders.length === 0) return null;
  return (
    <section className={styles.ladders} aria-label="At the worst second">
      <div className={styles.head}>
        <h2 className={styles.title}>At the worst second</h2>
        <Select
          size="small"
          variant="standard"
          value={policies.regulatorSizing}
          inputProps={{ 'aria-label': 'Which servos count as stalled' }}
          sx={{ fontSize: 13 }}
          onChange={({ target }) =>
            apply('count servos another way', [
              { type: 'setPolicies', change: { regulatorSizing: target.value } },
            ])
          }
        >
          {regulatorSizings.map((school) => (
            <MenuItem key={school} value={school}>
              {schoolWords[school]}
            </MenuItem>
          ))}
        </Select>
      </div>
      {ladders.map((ladder) => (
        <LadderBar key={ladder.id} ladder={ladder} isGuess={likely !== context} />
      ))}
    </section>
  );
}
