import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { memo } from 'react';
import { schools } from '../../core/model/plan/schools';
import { useBuildStore } from '../state/build-store';
import { useBuildPart } from '../state/shown-build';
import { Explained } from '../help/Explained';
import styles from './Side.module.css';

/** Your preferences: the school of this build, with its reason; the wells follow at once. */
export const Schools = memo(function Schools() {
  const policies = useBuildPart((build) => build.policies);
  const apply = useBuildStore((state) => state.apply);
  return (
    <section className={styles.section} aria-label="Schools">
      <h2 className={styles.title}>Your preferences</h2>
      {schools.map(({ key, name, choices }) => {
        const value = policies[key] ?? choices[0]?.value ?? '';
        const chosen = choices.find((choice) => choice.value === value);
        return (
          <div key={key}>
            <TextField
              select
              fullWidth
              size="small"
              margin="dense"
              label={name}
              value={value}
              onChange={(event) => {
                const next = choices.find((choice) => String(choice.value) === String(event.target.value));
                if (next)
                  apply(`${name}: ${next.words}`, [{ type: 'setPolicies', change: { [key]: next.value } }]);
              }}
            >
              {choices.map((choice) => (
                <MenuItem key={String(choice.value)} value={choice.value}>
                  {choice.words}
                </MenuItem>
              ))}
            </TextField>
            <p className={styles.why}>{chosen && <Explained text={chosen.why} />}</p>
          </div>
        );
      })}
    </section>
  );
});
