import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import {
  addControl,
  addVoltage,
  changeControl,
  moveVoltage,
  removeControl,
  removeVoltage,
  withProtocols,
} from '../../core/locker/sheet-rows';
import type { PartSpec } from '../../core/parts/part-spec';
import type { ServoSpec } from '../../core/parts/servo';
import { controlKinds, type TransmitterSpec } from '../../core/parts/transmitter';
import { ChainSelect } from '../brief/ChainSelect';
import { wantWords } from '../brief/want-words';
import styles from './SheetRows.module.css';

interface RowsProps<Part extends PartSpec> {
  part: Part;
  onChange: (part: PartSpec) => void;
}

/** The rows of a sheet that can be added and taken away: voltages, links, controls. */
export function SheetRows({ part, onChange }: RowsProps<PartSpec>) {
  if (part.kind === 'servo') return <Voltages part={part} onChange={onChange} />;
  if (part.kind === 'receiver') return <Links part={part} onChange={onChange} />;
  if (part.kind === 'transmitter')
    return (
      <>
        <Links part={part} onChange={onChange} />
        <Controls part={part} onChange={onChange} />
      </>
    );
  return null;
}

function Voltages({ part, onChange }: RowsProps<ServoSpec>) {
  return (
    <section className={styles.rows} aria-label="Voltages of the sheet">
      <h3 className={styles.title}>Voltages of the sheet</h3>
      {part.sheet.map(({ volts }, n) => (
        <div key={volts.value} className={styles.row}>
          <TextField
            variant="standard"
            defaultValue={String(volts.value)}
            slotProps={{
              htmlInput: { 'aria-label': `Voltage ${n + 1}, V`, inputMode: 'decimal', maxLength: 6 },
            }}
            sx={{ width: 64 }}
            onBlur={({ target }) => {
              const moved = moveVoltage(part, n, Number(target.value.replace(',', '.')));
              if (moved === part) target.value = String(volts.value);
              else onChange(moved);
            }}
          />
          <span>V</span>
          <IconButton
            size="small"
            aria-label={`Take out ${volts.value} V`}
            onClick={() => onChange(removeVoltage(part, n))}
          >
            <DeleteOutlined fontSize="small" />
          </IconButton>
        </div>
      ))}
      <Button size="small" onClick={() => onChange(addVoltage(part))}>
        Add a voltage
      </Button>
    </section>
  );
}

function Links({ part, onChange }: RowsProps<Extract<PartSpec, { protocols: string[] }>>) {
  return (
    <TextField
      fullWidth
      size="small"
      margin="dense"
      label="Radio links it speaks, commas between"
      defaultValue={part.protocols.join(', ')}
      slotProps={{ htmlInput: { maxLength: 200 } }}
      onBlur={({ target }) => {
        const changed = withProtocols(part, target.value);
        target.value = changed.protocols.join(', ');
        if (changed !== part) onChange(changed);
      }}
    />
  );
}

function Controls({ part, onChange }: RowsProps<TransmitterSpec>) {
  return (
    <section className={styles.rows} aria-label="Controls">
      <h3 className={styles.title}>Controls</h3>
      {part.controls.map(({ id, name, kind }) => (
        <div key={id} className={styles.row}>
          <TextField
            variant="standard"
            fullWidth
            defaultValue={name}
            slotProps={{ htmlInput: { 'aria-label': `Name of ${name}`, maxLength: 60 } }}
            onBlur={({ target }) =>
              target.value !== name && onChange(changeControl(part, id, { name: target.value }))
            }
          />
          <ChainSelect
            label={`${name}: kind of control`}
            value={kind}
            options={controlKinds.map((controlKind) => ({
              value: controlKind,
              text: wantWords[controlKind],
            }))}
            onChoose={(next) => onChange(changeControl(part, id, { kind: next }))}
          />
          <IconButton
            size="small"
            aria-label={`Take out ${name}`}
            onClick={() => onChange(removeControl(part, id))}
          >
            <DeleteOutlined fontSize="small" />
          </IconButton>
        </div>
      ))}
      <Button size="small" onClick={() => onChange(addControl(part, 'centring', 'new control'))}>
        Add a control
      </Button>
    </section>
  );
}
