import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { connectorFamily, connectorFamilyIds } from '../../core/model/connectors/families';
import { unitChoices, type Quantity } from '../../core/base/quantity/unit-choice';
import { capital } from '../../core/base/words/sentences';
import { useMoney } from '../state/money-store';
import { longestPlugName, motions, papers, useSettings } from '../state/settings-store';
import { useBench } from '../theme/bench-store';
import styles from './SettingsDialog.module.css';

const quantityNames: Record<Quantity, string> = {
  torque: 'Torque in',
  length: 'Lengths in',
  mass: 'Mass in',
};
const quantities = Object.keys(unitChoices) as Quantity[];

/** How this browser shows things: units, money, bench, and what the person calls each family of plugs. */
export default function SettingsDialog({ onClose }: { onClose: () => void }) {
  const { units, setUnits, plugNames, namePlug, paper, motion, isLoud, choose } = useSettings();
  const { currency, setCurrency } = useMoney();
  const { bench, toggle } = useBench();
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="settings-title">
      <DialogTitle id="settings-title">Settings of this browser</DialogTitle>
      <DialogContent>
        <div className={styles.choices}>
          {quantities.map((quantity) => (
            <Choice
              key={quantity}
              name={quantityNames[quantity]}
              value={units[quantity]}
              options={unitChoices[quantity]}
              onChoose={(next) => setUnits({ [quantity]: next })}
            />
          ))}
          <Choice name="Bench" value={bench} options={['day', 'night']} onChoose={toggle} />
          <Choice
            name="Motion"
            value={motion}
            options={motions}
            onChoose={(next) => choose({ motion: next })}
          />
          <Choice
            name="Tones in a rehearsal"
            value={isLoud ? 'sound' : 'words only'}
            options={['words only', 'sound']}
            onChoose={(next) => choose({ isLoud: next === 'sound' })}
          />
          <Choice name="Paper" value={paper} options={papers} onChoose={(next) => choose({ paper: next })} />
          <Row name="Prices in">
            <TextField
              size="small"
              defaultValue={currency}
              placeholder="€, kr, £ …"
              slotProps={{ htmlInput: { maxLength: 6, 'aria-label': 'Prices in' } }}
              sx={{ width: 120 }}
              onBlur={({ target }) => setCurrency(target.value)}
            />
          </Row>
        </div>
        <p className={styles.hint}>
          A figure that you type in another unit keeps what you typed; this is how the rest is shown.
        </p>
        <h3 className={styles.title}>Your names for plugs</h3>
        <p className={styles.hint}>
          Plugs go by their form here. Add the name that you know one by, and it stands beside it.
        </p>
        <table className={styles.plugs}>
          <caption className="visually-hidden">Families of plugs and your names for them</caption>
          <tbody>
            {connectorFamilyIds
              .filter((id) => id !== 'open')
              .map((id) => (
                <tr key={id}>
                  <th scope="row">{capital(connectorFamily(id).name)}</th>
                  <td>
                    <TextField
                      variant="standard"
                      fullWidth
                      defaultValue={plugNames[id] ?? ''}
                      slotProps={{
                        htmlInput: {
                          maxLength: longestPlugName,
                          'aria-label': `Your name for: ${connectorFamily(id).name}`,
                        },
                      }}
                      onBlur={({ target }) => namePlug(id, target.value)}
                    />
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface ChoiceProps<T extends string> {
  name: string;
  value: T;
  options: readonly T[];
  onChoose: (value: T) => void;
}

function Choice<T extends string>({ name, value, options, onChoose }: ChoiceProps<T>) {
  return (
    <Row name={name}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={value}
        aria-label={name}
        onChange={(_, next: T | null) => next !== null && onChoose(next)}
      >
        {options.map((option) => (
          <ToggleButton key={option} value={option}>
            {option}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Row>
  );
}

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className={styles.row}>
      <span>{name}</span>
      {children}
    </div>
  );
}
