import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useState } from 'react';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import { compareSheets, stateNames, type ComparedRow } from '../../core/desk/locker/sheet-table';
import { formatQuantity } from '../../core/base/quantity/format';
import { meetingVolts, voltSpan } from '../../core/desk/locker/volt-ladder';
import { capital } from '../../core/base/words/sentences';
import { useSum } from '../state/money-store';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { VoltLadder } from './VoltLadder';
import { SavableTable } from '../lists/SavableTable';
import styles from './Compared.module.css';

interface ComparedProps {
  items: readonly LockerItem[];
  onShow: (partId: string) => void;
  onBack: () => void;
}

/** Some parts of a kind side by side: what differs is marked, each figure with a bar against the largest of its row. */
export function Compared({ items, onShow, onBack }: ComparedProps) {
  const [isShort, setShort] = useState(true);
  const { context } = useCheck();
  const sum = useSum();
  const units = useSettings((state) => state.units);
  const rows = compareSheets(
    items.map(({ part }) => part),
    units,
  );
  const shown = isShort ? rows.filter(({ differs }) => differs) : rows;
  const meets = items[0] && meetingVolts(context, items[0].part);
  const hasVolts = items.some(({ part }) => voltSpan(part));
  return (
    <section className={styles.compared} aria-label="Side by side">
      <div className={styles.head}>
        <h2 className={styles.title}>Side by side</h2>
        <FormControlLabel
          control={<Switch size="small" checked={isShort} onChange={(_, on) => setShort(on)} />}
          label="Only what differs"
        />
        <Button onClick={onBack}>Back to the table</Button>
      </div>
      <SavableTable name="compared">
        <table className={styles.table}>
          <thead>
            <tr>
              <td />
              {items.map(({ part, state, price }) => (
                <th key={part.id} scope="col">
                  <button type="button" className={styles.name} onClick={() => onShow(part.id)}>
                    {capital(part.name)}
                  </button>
                  <span className={styles.note}>
                    {[stateNames[state], price === undefined ? 'no price' : sum(price)]
                      .filter(Boolean)
                      .join(' · ')}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.label} data-differs={row.differs}>
                <th scope="row">
                  {row.label}
                  {row.differs && <span className="visually-hidden">, differs</span>}
                </th>
                {row.cells.map((cell, n) => (
                  <td key={items[n]!.part.id} className="figure">
                    {cell === undefined ? 'unknown' : `${cell.text}${row.unit && ` ${row.unit}`}`}
                    {cell?.value !== undefined && (
                      <span className={styles.bar} data-bar aria-hidden>
                        <span style={{ width: `${100 * share(row, cell.value)}%` }} />
                      </span>
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </SavableTable>
      {shown.length === 0 && <p>Their sheets say the same.</p>}
      {hasVolts && (
        <>
          <h3 className={styles.title}>
            Volts each stands{meets && `, against ${formatQuantity(meets.volts, 'V')} in this build`}
          </h3>
          <VoltLadder items={items} chosenId={undefined} meets={meets} onChoose={onShow} />
        </>
      )}
    </section>
  );
}

/** A value as a share of the largest in its row. */
function share({ cells }: ComparedRow, value: number): number {
  const most = Math.max(...cells.flatMap((cell) => cell?.value ?? []));
  return most > 0 ? Math.max(0, value / most) : 0;
}
