import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { figureAt, readField } from '../../core/desk/locker/sheet-fields';
import type { SheetField } from '../../core/model/parts/sheet-field';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import { provenances, type Figure, type Provenance } from '../../core/base/validation/figure';
import { Explained } from '../help/Explained';
import styles from './PartSheet.module.css';

interface FigureRowProps {
  part: PartSpec;
  field: SheetField;
  /** Without it the sheet is only read. */
  onChange: ((figure: Figure | undefined) => void) | undefined;
}

/** One figure with its unit and where it comes from. */
export function FigureRow({ part, field, onChange }: FigureRowProps) {
  const figure = figureAt(part, field);
  // What is only read is as exact as sheets are; what is edited keeps what it is.
  const digits = onChange ? 4 : 3;
  const inOwnUnit =
    figure === undefined ? '' : String(Number((figure.value / field.scale).toPrecision(digits)));
  const shown = figure?.typed ?? inOwnUnit;
  const [refused, setRefused] = useState<string>();
  const take = (text: string, provenance: Provenance) => {
    const read = readField(part, field, text, provenance);
    // What is refused stays in the field with its reason; the sheet keeps what it had.
    setRefused(read.ok ? undefined : read.problem);
    if (read.ok) onChange?.(read.value);
  };
  return (
    <tr>
      <th scope="row">
        <Explained text={field.label} />
      </th>
      <td className="figure">
        {onChange ? (
          <TextField
            key={shown}
            variant="standard"
            defaultValue={shown}
            error={refused !== undefined}
            helperText={refused}
            slotProps={{
              htmlInput: {
                'aria-label': `${field.label}, ${field.unit}`,
                maxLength: 24,
              },
            }}
            sx={{ width: 86 }}
            onBlur={({ target }) =>
              target.value !== shown && take(target.value, figure?.provenance ?? 'stated')
            }
          />
        ) : (
          shown || '—'
        )}{' '}
        {figure?.typed === undefined ? field.unit : `= ${inOwnUnit} ${field.unit}`}
      </td>
      <td className={styles.provenance}>
        {onChange && figure ? (
          <Select
            variant="standard"
            value={figure.provenance}
            inputProps={{ 'aria-label': `${field.label}: where it comes from` }}
            sx={{ fontSize: 12.5 }}
            onChange={({ target }) => onChange({ ...figure, provenance: target.value })}
          >
            {provenances.map((provenance) => (
              <MenuItem key={provenance} value={provenance} dense>
                {provenance}
              </MenuItem>
            ))}
          </Select>
        ) : (
          (figure?.provenance ?? 'unknown')
        )}
        {figure?.note && <span className={styles.note}>{figure.note}</span>}
      </td>
    </tr>
  );
}
