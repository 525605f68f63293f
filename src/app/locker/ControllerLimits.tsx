import { canDrive, type ControllerSpec } from '../../core/model/kinds/controller/controller';
import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import {
  addCellLimit,
  addTurnLimit,
  changeCellLimit,
  changeTurnLimit,
} from '../../core/desk/locker/sheet-rows';
import { chemistries } from '../../core/model/packs/chemistry';
import { ChainSelect } from '../brief/ChainSelect';
import type { RowsProps } from './rows-props';
import styles from './SheetRows.module.css';

/** What a controller stands, as its sheet counts it: cells by chemistry, and the lowest turns by cells. */
export function ControllerLimits({ part, onChange }: RowsProps<ControllerSpec>) {
  return (
    <>
      <section className={styles.rows} aria-label="Cells it stands">
        <h3 className={styles.title}>Cells it stands, where its sheet counts cells</h3>
        {(part.cellLimits ?? []).map((limit, n) => (
          <div key={limit.chemistry} className={styles.row}>
            <ChainSelect
              label={`Row ${n + 1}: chemistry`}
              value={limit.chemistry}
              options={chemistries.map((value) => ({ value, text: value }))}
              onChoose={(value) => {
                const chemistry = chemistries.find((each) => each === value);
                if (chemistry) onChange(changeCellLimit(part, n, { ...limit, chemistry }));
              }}
            />
            <Count
              label={`Row ${n + 1}: fewest cells`}
              value={limit.least}
              onTake={(least) => {
                const { least: _, ...rest } = limit;
                onChange(changeCellLimit(part, n, least === undefined ? rest : { ...rest, least }));
              }}
            />
            <span>to</span>
            <Count
              label={`Row ${n + 1}: most cells`}
              value={limit.most}
              onTake={(most) => most !== undefined && onChange(changeCellLimit(part, n, { ...limit, most }))}
            />
            <span>cells</span>
            <IconButton
              size="small"
              aria-label={`Remove the cells of ${limit.chemistry}`}
              onClick={() => onChange(changeCellLimit(part, n, undefined))}
            >
              <DeleteOutlined fontSize="small" />
            </IconButton>
          </div>
        ))}
        <Button size="small" onClick={() => onChange(addCellLimit(part))}>
          Add a count of cells
        </Button>
      </section>
      {canDrive(part, 'brushed') && (
        <section className={styles.rows} aria-label="Lowest turns">
          <h3 className={styles.title}>Lowest turns it drives, by LiPo cells; with no row, none is stated</h3>
          {(part.turnLimits ?? []).map(({ cells, turns }, n) => (
            <div key={cells} className={styles.row}>
              <Count
                label={`Row ${n + 1}: cells`}
                value={cells}
                onTake={(value) =>
                  value !== undefined &&
                  onChange(changeTurnLimit(part, n, { cells: value, turns: turns.value }))
                }
              />
              <span>cells:</span>
              <Count
                label={`Row ${n + 1}: turns`}
                value={turns.value}
                onTake={(value) =>
                  value !== undefined && onChange(changeTurnLimit(part, n, { cells, turns: value }))
                }
              />
              <span>turns or more</span>
              <IconButton
                size="small"
                aria-label={`Remove the turns on ${cells} cells`}
                onClick={() => onChange(changeTurnLimit(part, n, undefined))}
              >
                <DeleteOutlined fontSize="small" />
              </IconButton>
            </div>
          ))}
          <Button size="small" onClick={() => onChange(addTurnLimit(part))}>
            Add a row of turns
          </Button>
        </section>
      )}
    </>
  );
}

interface CountProps {
  label: string;
  value: number | undefined;
  onTake: (value: number | undefined) => void;
}

/** A small whole number in a row; what is no number stays, and is marked. */
function Count({ label, value, onTake }: CountProps) {
  const shown = value === undefined ? '' : String(value);
  return (
    <TextField
      key={shown}
      variant="standard"
      defaultValue={shown}
      slotProps={{ htmlInput: { 'aria-label': label, inputMode: 'numeric', maxLength: 4 } }}
      sx={{ width: 44 }}
      onBlur={({ target }) => {
        const typed = target.value.trim();
        if (typed === shown) return;
        if (typed === '') onTake(undefined);
        else if (/^\d+$/.test(typed)) onTake(Number(typed));
        else target.value = shown;
      }}
    />
  );
}
