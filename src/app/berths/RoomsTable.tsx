import Delete from '@mui/icons-material/DeleteOutlineOutlined';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import IconButton from '@mui/material/IconButton';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Inside } from '../../core/reading/berths/inside';
import { freshRoomId, withRooms, withShelf } from '../../core/reading/berths/room-edits';
import type { Berth, ModelInside, Obstacle } from '../../core/model/plan/model-inside';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import { NumberField } from '../brief/NumberField';
import { useSettings } from '../state/settings-store';
import { PassageTable } from './PassageTable';
import styles from './RoomsTable.module.css';

type BoxKey = 'x' | 'y' | 'z' | 'long' | 'wide' | 'high';
const boxKeys: { key: BoxKey; label: string }[] = [
  { key: 'x', label: 'from aft' },
  { key: 'y', label: 'from middle' },
  { key: 'z', label: 'up' },
  { key: 'long', label: 'long' },
  { key: 'wide', label: 'wide' },
  { key: 'high', label: 'high' },
];

interface RoomsTableProps {
  inside: Inside;
  onSet: (words: string, inside: ModelInside) => void;
}

/** Rooms, holes between them, and what is built in: box by box, in figures. */
export function RoomsTable({ inside, onSet }: RoomsTableProps) {
  const { berths, passages, obstacles } = inside;
  const keep = (words: string, change: Partial<ModelInside>) => onSet(words, withRooms(inside, change));
  const [first, second] = berths;
  return (
    <>
      <h3 className={styles.title}>Rooms</h3>
      <BoxTable
        boxes={berths}
        onChange={(next) => keep('a room', { berths: next })}
        onRemove={(gone) =>
          keep('remove a room', {
            berths: berths.filter((berth) => berth !== gone),
            passages: passages.filter(({ from, to }) => from !== gone.id && to !== gone.id),
          })
        }
        flags={[
          { key: 'isAired', label: 'air' },
          { key: 'isReached', label: 'hand' },
        ]}
      />
      <Button size="small" onClick={() => onSet('add a shelf', withShelf(inside))}>
        Add a shelf
      </Button>
      <h3 className={styles.title}>Holes and slots for leads</h3>
      <PassageTable inside={inside} onChange={(next) => keep('a hole', { passages: next })} />
      {first && second && (
        <Button
          size="small"
          onClick={() =>
            keep('add a hole', {
              passages: [
                ...passages,
                {
                  id: freshRoomId(passages, 'hole'),
                  name: `hole ${passages.length + 1}`,
                  from: first.id,
                  to: second.id,
                  x: first.x + first.long,
                  y: 0,
                  z: first.z + first.high / 2,
                  across: 0.016,
                },
              ],
            })
          }
        >
          Add a hole
        </Button>
      )}
      <h3 className={styles.title}>Built in</h3>
      <BoxTable
        boxes={obstacles}
        onChange={(next) => keep('what is built in', { obstacles: next })}
        onRemove={(gone) =>
          keep('remove what is built in', { obstacles: obstacles.filter((each) => each !== gone) })
        }
        flags={[
          { key: 'isSwept', label: 'moves' },
          { key: 'isMetal', label: 'metal' },
        ]}
      />
      <Button
        size="small"
        onClick={() =>
          keep('add what is built in', {
            obstacles: [
              ...obstacles,
              {
                id: freshRoomId(obstacles, 'built-in'),
                name: `built in ${obstacles.length + 1}`,
                x: inside.length * 0.5,
                y: -0.01,
                z: 0,
                long: 0.04,
                wide: 0.02,
                high: 0.03,
                isSwept: false,
                isMetal: true,
              },
            ],
          })
        }
      >
        Add what is in the way
      </Button>
    </>
  );
}

interface BoxTableProps<Each extends Berth | Obstacle> {
  boxes: readonly Each[];
  onChange: (boxes: Each[]) => void;
  onRemove: (box: Each) => void;
  flags: { key: keyof Each & string; label: string }[];
}

function BoxTable<Each extends Berth | Obstacle>({ boxes, onChange, onRemove, flags }: BoxTableProps<Each>) {
  const unit = useSettings((state) => state.units.length);
  const perMetre = unitRatio('m', unit);
  if (boxes.length === 0) return null;
  const set = (at: number, change: object) =>
    onChange(boxes.map((box, n) => (n === at ? { ...box, ...change } : box)));
  return (
    <div className={styles.scroll}>
      <Table size="small" className={styles.table}>
        <TableHead>
          <TableRow>
            <TableCell>name</TableCell>
            {boxKeys.map(({ key, label }) => (
              <TableCell key={key}>
                {label}, {unit}
              </TableCell>
            ))}
            {flags.map(({ key, label }) => (
              <TableCell key={key}>{label}</TableCell>
            ))}
            <TableCell>
              <span className="visually-hidden">remove</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {boxes.map((box, n) => (
            <TableRow key={box.id}>
              <TableCell>{box.name}</TableCell>
              {boxKeys.map(({ key, label }) => (
                <TableCell key={key}>
                  <NumberField
                    label={`${label} of ${box.name}`}
                    value={Number((box[key] * perMetre).toPrecision(4))}
                    least={
                      key === 'long' || key === 'wide' || key === 'high'
                        ? Number((0.001 * perMetre).toPrecision(2))
                        : -10 * perMetre
                    }
                    most={10 * perMetre}
                    onTake={(typed) => typed !== undefined && set(n, { [key]: typed / perMetre })}
                  />
                </TableCell>
              ))}
              {flags.map(({ key, label }) => (
                <TableCell key={key} padding="checkbox">
                  <Checkbox
                    size="small"
                    checked={box[key] === true}
                    slotProps={{ input: { 'aria-label': `${box.name}: ${label}` } }}
                    onChange={({ target }) => set(n, { [key]: target.checked })}
                  />
                </TableCell>
              ))}
              <TableCell padding="checkbox">
                <IconButton size="small" aria-label={`Remove ${box.name}`} onClick={() => onRemove(box)}>
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
