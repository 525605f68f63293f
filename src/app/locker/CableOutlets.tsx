import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import {
  addOutlet,
  freshWire,
  offeredForms,
  removeOutlet,
  setSide,
  setWire,
  wiresOf,
  withForm,
} from '../../core/desk/locker/cable-outlets';
import { renamePort } from '../../core/desk/locker/sheet-rows';
import { genders, type Gender } from '../../core/model/connectors/mating';
import { cableWords } from '../../core/model/kinds/cable/cable-kind';
import type { CableSpec } from '../../core/model/kinds/cable/cable';
import { ChainSelect } from '../brief/ChainSelect';
import type { RowsProps } from './rows-props';
import styles from './SheetRows.module.css';

const sideNames: Record<Gender, string> = { plug: 'pins or blades', socket: 'holes', none: 'bare wires' };
const newWire = 'a wire of its own';
const noContact = 'no contact';

/** What a cable is, and its outlets one by one: which side, and which wire each contact is joined with. */
export function CableOutlets({ part, onChange }: RowsProps<CableSpec>) {
  const wires = wiresOf(part);
  return (
    <section className={styles.rows} aria-label="Outlets">
      <ChainSelect
        label="Kind of cable"
        value={part.form}
        options={offeredForms().map((form) => ({ value: form, text: cableWords[form] }))}
        onChoose={(form) => onChange(withForm(part, form))}
      />
      <h3 className={styles.title}>Its ends: contacts on one wire are joined</h3>
      {part.ports.map(({ id, name, connector, pins }) => (
        <fieldset key={id} className={styles.outlet}>
          <legend className="visually-hidden">{name}</legend>
          <div className={styles.row}>
            <TextField
              key={name}
              variant="standard"
              fullWidth
              defaultValue={name}
              slotProps={{ htmlInput: { 'aria-label': `Name of the end ${name}`, maxLength: 60 } }}
              onBlur={({ target }) => target.value !== name && onChange(renamePort(part, id, target.value))}
            />
            <ChainSelect
              label={`${name}: side`}
              value={connector.gender}
              options={genders.map((gender) => ({ value: gender, text: sideNames[gender] }))}
              onChoose={(gender) => onChange(setSide(part, id, gender as Gender))}
            />
            <IconButton
              size="small"
              aria-label={`Remove ${name}`}
              disabled={part.ports.length <= 1}
              onClick={() => onChange(removeOutlet(part, id))}
            >
              <DeleteOutlined fontSize="small" />
            </IconButton>
          </div>
          <div className={styles.row}>
            {pins.map((pin) => (
              <label key={pin.name} className={styles.contact}>
                {pin.name}
                <ChainSelect
                  label={`${name}, ${pin.name}: wire`}
                  value={pin.net}
                  options={[...wires, newWire, noContact].map((wire) => ({ value: wire, text: wire }))}
                  onChoose={(wire) =>
                    onChange(
                      setWire(
                        part,
                        id,
                        pin.name,
                        wire === noContact ? undefined : wire === newWire ? freshWire(part, pin.name) : wire,
                      ),
                    )
                  }
                />
              </label>
            ))}
          </div>
          <Button size="small" onClick={() => onChange(addOutlet(part, id))}>
            One more like {name}
          </Button>
        </fieldset>
      ))}
    </section>
  );
}
