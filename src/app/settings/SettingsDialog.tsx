import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { connectorFamily, connectorFamilyIds } from '../../core/connectors/families';
import { unitChoices, type Quantity } from '../../core/quantity/unit-choice';
import { capital } from '../../core/words/sentences';
import { useMoney } from '../state/money-store';
import { longestPlugName, useSettings } from '../state/settings-store';
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
  const { units, setUnits, plugNames, namePlug } = useSettings();
  const { currency, setCurrency } = useMoney();
  const { bench, toggle } = useBench();
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="settings-title">
      <DialogTitle id="settings-title">Settings of this browser</DialogTitle>
      <DialogContent>
        <div className={styles.choices}>
          {quantities.map((quantity) => (
            <Row key={quantity} name={quantityNames[quantity]}>
              <ToggleButtonGroup
                exclusive
                size="small"
                value={units[quantity]}
                aria-label={quantityNames[quantity]}
                onChange={(_, next: string | null) => next !== null && setUnits({ [quantity]: next })}
              >
                {unitChoices[quantity].map((unit) => (
                  <ToggleButton key={unit} value={unit}>
                    {unit}
                  </ToggleButton>
                ))}
              </ToggleButtonGroup>
            </Row>
          ))}
          <Row name="Bench">
            <ToggleButtonGroup
              exclusive
              size="small"
              value={bench}
              aria-label="Bench"
              onChange={(_, next: string | null) => next !== null && toggle()}
            >
              <ToggleButton value="day">day</ToggleButton>
              <ToggleButton value="night">night</ToggleButton>
            </ToggleButtonGroup>
          </Row>
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
        <h3 className={styles.title}>What you call your plugs</h3>
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

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className={styles.row}>
      <span>{name}</span>
      {children}
    </div>
  );
}
