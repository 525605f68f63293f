import Delete from '@mui/icons-material/DeleteOutlineOutlined';
import IconButton from '@mui/material/IconButton';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Inside } from '../../core/reading/berths/inside';
import type { Berth, Passage } from '../../core/model/plan/model-inside';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import { NumberField } from '../brief/NumberField';
import { useSettings } from '../state/settings-store';
import styles from './RoomsTable.module.css';

/** Holes and slots: between which rooms, where, and how large. */
export function PassageTable({
  inside,
  onChange,
}: {
  inside: Inside;
  onChange: (passages: Passage[]) => void;
}) {
  const unit = useSettings((state) => state.units.length);
  const perMetre = unitRatio('m', unit);
  const { passages, berths } = inside;
  const set = (at: number, change: object) =>
    onChange(
      passages.map((passage, n) =>
        n === at
          ? (Object.fromEntries(
              Object.entries({ ...passage, ...change }).filter(([, value]) => value !== undefined),
            ) as unknown as Passage)
          : passage,
      ),
    );
  const keys = [
    { key: 'x', label: 'from aft' },
    { key: 'y', label: 'from middle' },
    { key: 'z', label: 'up' },
    { key: 'across', label: 'across' },
    { key: 'slotHigh', label: 'high, slots' },
  ] as const;
  return (
    <div className={styles.scroll}>
      <Table size="small" className={styles.table}>
        <TableHead>
          <TableRow>
            <TableCell>name</TableCell>
            <TableCell>between</TableCell>
            {keys.map(({ key, label }) => (
              <TableCell key={key}>
                {label}, {unit}
              </TableCell>
            ))}
            <TableCell>
              <span className="visually-hidden">remove</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {passages.map((passage, n) => (
            <TableRow key={passage.id}>
              <TableCell>{passage.name}</TableCell>
              <TableCell>
                <BetweenSelect passage={passage} berths={berths} onChange={(change) => set(n, change)} />
              </TableCell>
              {keys.map(({ key, label }) => {
                const value = passage[key];
                return (
                  <TableCell key={key}>
                    <NumberField
                      label={`${label} of ${passage.name}`}
                      value={value === undefined ? undefined : Number((value * perMetre).toPrecision(4))}
                      {...(key === 'across' && { estimated: 'open' })}
                      least={
                        key === 'across' || key === 'slotHigh'
                          ? Number((0.001 * perMetre).toPrecision(2))
                          : -10 * perMetre
                      }
                      most={10 * perMetre}
                      onTake={(typed) =>
                        (typed !== undefined || key === 'across' || key === 'slotHigh') &&
                        set(n, { [key]: typed === undefined ? undefined : typed / perMetre })
                      }
                    />
                  </TableCell>
                );
              })}
              <TableCell padding="checkbox">
                <IconButton
                  size="small"
                  aria-label={`Remove ${passage.name}`}
                  onClick={() => onChange(passages.filter((each) => each !== passage))}
                >
                  <Delete fontSize="small" />
                </IconButton>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}

function BetweenSelect({
  passage,
  berths,
  onChange,
}: {
  passage: Passage;
  berths: readonly Berth[];
  onChange: (change: Partial<Passage>) => void;
}) {
  return (
    <span className={styles.between}>
      {(['from', 'to'] as const).map((end) => (
        <select
          key={end}
          value={passage[end]}
          aria-label={`${passage.name}, ${end === 'from' ? 'one side' : 'other side'}`}
          onChange={({ target }) => onChange({ [end]: target.value })}
        >
          {berths.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      ))}
    </span>
  );
}
