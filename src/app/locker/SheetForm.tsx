import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ConnectorFamilyId } from '../../core/model/connectors/families';
import { kindOfAny, sheetFields } from '../../core/model/kinds';
import { isPlugChoice, kindChoices, sheetChoices, sheetSets } from '../../core/desk/locker/sheet-choices';
import { withFigure } from '../../core/desk/locker/sheet-fields';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import { inChosenUnits } from '../../core/base/quantity/unit-choice';
import { capital } from '../../core/base/words/sentences';
import { ChainSelect } from '../brief/ChainSelect';
import { useSettings } from '../state/settings-store';
import { Explained } from '../help/Explained';
import { SavableTable } from '../lists/SavableTable';
import { BoardRows } from './BoardRows';
import { FigureRow } from './FigureRow';
import { SheetRows } from './SheetRows';
import styles from './PartSheet.module.css';

interface SheetFormProps {
  part: PartSpec;
  /** Without it the sheet is only read. */
  onChange: ((part: PartSpec) => void) | undefined;
  /** Whether it sits on a board, which has the body, the plugs and the remarks. */
  isInside?: boolean;
}

/** What a sheet says: its figures with where they come from, its choices, and the rows that can be added. */
export function SheetForm({ part, onChange, isInside = false }: SheetFormProps) {
  const units = useSettings((state) => state.units);
  const plugNames = useSettings((state) => state.plugNames);
  const fields = (isInside ? kindOfAny(part).fields(part) : sheetFields(part)).map((field) =>
    inChosenUnits(field, units),
  );
  const choices = isInside ? kindChoices(part) : sheetChoices(part);
  return (
    <>
      {part.kind === 'board' && onChange && (
        <BoardRows
          part={part}
          onChange={onChange}
          sheetOf={(inside, change) => <SheetForm part={inside} isInside onChange={change} />}
        />
      )}
      <SavableTable name={part.name}>
        <table className={styles.figures}>
          <caption className="visually-hidden">Figures of the sheet</caption>
          <tbody>
            {fields.map((field) => (
              <FigureRow
                key={field.path}
                part={part}
                field={field}
                onChange={onChange && ((figure) => onChange(withFigure(part, field, figure)))}
              />
            ))}
          </tbody>
        </table>
      </SavableTable>
      {part.kind === 'board' &&
        !onChange &&
        part.components.map(({ id, name, part: inside }) => (
          <section key={id} aria-label={name}>
            <h3 className={styles.title}>{capital(name)}, on it</h3>
            <SheetForm part={inside} isInside onChange={undefined} />
          </section>
        ))}
      {onChange && (
        <>
          <div className={styles.choices}>
            {choices.map(({ id, label, value, options, choose }) => (
              <div key={id}>
                <span className={styles.choiceName}>
                  <Explained text={label} />
                </span>
                <ChainSelect
                  label={label}
                  value={value}
                  options={
                    isPlugChoice(id)
                      ? options.map((option) => ({
                          ...option,
                          note: plugNames[option.value as ConnectorFamilyId] ?? '',
                        }))
                      : options
                  }
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
          <SheetRows part={part} onChange={onChange} isInside={isInside} />
        </>
      )}
    </>
  );
}
