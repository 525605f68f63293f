import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { sheetFields } from '../../core/kinds';
import { sheetChoices, sheetSets } from '../../core/locker/sheet-choices';
import { withFigure } from '../../core/locker/sheet-fields';
import type { PartSpec } from '../../core/parts/part-spec';
import { ChainSelect } from '../brief/ChainSelect';
import { Explained } from '../help/Explained';
import { FigureRow } from './FigureRow';
import { SheetRows } from './SheetRows';
import styles from './PartSheet.module.css';

interface SheetFormProps {
  part: PartSpec;
  /** Without it the sheet is only read. */
  onChange: ((part: PartSpec) => void) | undefined;
}

/** What a sheet says: its figures with where they come from, its choices, and the rows that can be added. */
export function SheetForm({ part, onChange }: SheetFormProps) {
  return (
    <>
      <table className={styles.figures}>
        <caption className="visually-hidden">Figures of the sheet</caption>
        <tbody>
          {sheetFields(part).map((field) => (
            <FigureRow
              key={field.path}
              part={part}
              field={field}
              onChange={onChange && ((figure) => onChange(withFigure(part, field, figure)))}
            />
          ))}
        </tbody>
      </table>
      {onChange && (
        <>
          <div className={styles.choices}>
            {sheetChoices(part).map(({ id, label, value, options, choose }) => (
              <div key={id}>
                <span className={styles.choiceName}>
                  <Explained text={label} />
                </span>
                <ChainSelect
                  label={label}
                  value={value}
                  options={options}
                  empty="unknown"
                  onChoose={(next) => onChange(choose(next))}
                />
              </div>
            ))}
          </div>
          {sheetSets(part).map(({ id, label, values, options, choose }) => (
            <div key={id} className={styles.set}>
              <span className={styles.choiceName}>
                <Explained text={label} />
                {values.length === 0 && ': unknown'}
              </span>
              <ToggleButtonGroup
                size="small"
                value={values}
                aria-label={label}
                onChange={(_, next: string[]) => onChange(choose(next))}
              >
                {options.map(({ value, text }) => (
                  <ToggleButton key={value} value={value}>
                    {text}
                  </ToggleButton>
                ))}
              </ToggleButtonGroup>
            </div>
          ))}
          <SheetRows part={part} onChange={onChange} />
        </>
      )}
    </>
  );
}
