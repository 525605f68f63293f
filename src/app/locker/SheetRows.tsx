import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import {
  addControl,
  addVoltage,
  changeControl,
  moveVoltage,
  removeControl,
  removeVoltage,
  renamePort,
  withProtocols,
  withRegulatorVolts,
} from '../../core/desk/locker/sheet-rows';
import { oneLine } from '../../core/base/words/sentences';
import type { BecSpec } from '../../core/model/kinds/bec/bec';
import type { ControllerSpec } from '../../core/model/kinds/controller/controller';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import type { ServoSpec } from '../../core/model/kinds/servo/servo';
import { controlKinds, type TransmitterSpec } from '../../core/model/kinds/transmitter/transmitter';
import { ChainSelect } from '../brief/ChainSelect';
import { NumberField } from '../brief/NumberField';
import { CableOutlets } from './CableOutlets';
import { ControllerLimits } from './ControllerLimits';
import type { RowsProps } from './rows-props';
import { wantWords } from '../brief/want-words';
import styles from './SheetRows.module.css';

/** The rows of a sheet that can be added and taken away: voltages, links, controls. */
export function SheetRows({ part, onChange, isInside }: RowsProps<PartSpec> & { isInside: boolean }) {
  return (
    <>
      {(part.kind === 'controller' || part.kind === 'bec') && part.regulator && (
        <RegulatorVolts part={part} onChange={onChange} />
      )}
      {part.kind === 'controller' && <ControllerLimits part={part} onChange={onChange} />}
      {part.kind === 'servo' && <Voltages part={part} onChange={onChange} />}
      {(part.kind === 'receiver' || part.kind === 'transmitter') && <Links part={part} onChange={onChange} />}
      {part.kind === 'transmitter' && (
        <>
          <Controls part={part} onChange={onChange} />
          <Counts part={part} onChange={onChange} />
        </>
      )}
      {part.kind === 'cable' && <CableOutlets part={part} onChange={onChange} />}
      {part.kind !== 'board' && part.kind !== 'cable' && <PortNames part={part} onChange={onChange} />}
      {!isInside && <Remark part={part} onChange={onChange} />}
    </>
  );
}

function Remark({ part, onChange }: RowsProps<PartSpec>) {
  return (
    <TextField
      fullWidth
      multiline
      size="small"
      margin="dense"
      label="Remark"
      defaultValue={part.remark ?? ''}
      slotProps={{ htmlInput: { maxLength: 500 } }}
      onBlur={({ target }) => {
        const remark = oneLine(target.value);
        const { remark: _, ...rest } = part;
        if (remark !== (part.remark ?? '')) onChange(remark === '' ? rest : { ...part, remark });
      }}
    />
  );
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
            aria-label={`Remove ${volts.value} V`}
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

function RegulatorVolts({ part, onChange }: RowsProps<ControllerSpec | BecSpec>) {
  const shown = part.regulator?.voltsChoices.join(', ') ?? '';
  const [refused, setRefused] = useState<string>();
  return (
    <TextField
      key={shown}
      fullWidth
      size="small"
      margin="dense"
      label="BEC volts, commas between"
      defaultValue={shown}
      error={refused !== undefined}
      helperText={refused}
      slotProps={{ htmlInput: { maxLength: 60 } }}
      onBlur={({ target }) => {
        if (target.value === shown) return;
        const changed = withRegulatorVolts(part, target.value);
        setRefused(changed.ok ? undefined : changed.problem);
        if (changed.ok) onChange(changed.value);
      }}
    />
  );
}

/** The models that a transmitter remembers, the mixes that are free, and what it runs on. */
function Counts({ part, onChange }: RowsProps<TransmitterSpec>) {
  const count = (key: 'modelMemories' | 'freeMixes', label: string, least: number, most: number) => (
    <NumberField
      label={label}
      value={part[key]}
      least={least}
      most={most}
      onTake={(value) => {
        const { [key]: _, ...rest } = part;
        onChange(value === undefined ? rest : { ...part, [key]: Math.round(value) });
      }}
    />
  );
  return (
    <div className={styles.row}>
      {count('modelMemories', 'Models it remembers', 1, 1000)}
      {count('freeMixes', 'Free mixes', 0, 100)}
      <TextField
        size="small"
        label="Runs on"
        defaultValue={part.ownCells ?? ''}
        slotProps={{ htmlInput: { maxLength: 60 } }}
        onBlur={({ target }) => {
          const ownCells = target.value.trim();
          const { ownCells: _, ...rest } = part;
          if (ownCells !== (part.ownCells ?? '')) onChange(ownCells === '' ? rest : { ...part, ownCells });
        }}
      />
    </div>
  );
}

/** What people call the places where leads go, by the words printed on the part. */
function PortNames({ part, onChange }: RowsProps<PartSpec>) {
  if (part.ports.length === 0) return null;
  return (
    <section className={styles.rows} aria-label="Names of its ports">
      <h3 className={styles.title}>Names of its ports, as printed</h3>
      <div className={styles.names}>
        {part.ports.map(({ id, name }) => (
          <TextField
            key={`${id} ${name}`}
            variant="standard"
            defaultValue={name}
            slotProps={{ htmlInput: { 'aria-label': `Name of the port ${name}`, maxLength: 60 } }}
            onBlur={({ target }) => target.value !== name && onChange(renamePort(part, id, target.value))}
          />
        ))}
      </div>
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
            aria-label={`Remove ${name}`}
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
