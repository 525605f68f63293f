import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { nanoid } from 'nanoid';
import { fitPart } from '../../core/reading/brief/fit-part';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import { sheetCurve } from '../../core/desk/locker/sheet-curve';
import { capital } from '../../core/base/words/sentences';
import { useBuild } from '../state/shown-build';
import { applyAndSay } from '../state/done-store';
import { usePlugName, useSettings } from '../state/settings-store';
import { useLocker } from '../state/locker-store';
import { PhotoButton } from '../drawing/PhotoButton';
import { CurvePicture } from './CurvePicture';
import { OtherBuilds } from './OtherBuilds';
import { SheetForm } from './SheetForm';
import { SwapIn } from './SwapIn';
import { WouldItDo } from './WouldItDo';
import { UseInBuild } from './UseInBuild';
import styles from './PartSheet.module.css';

interface PartSheetProps {
  item: LockerItem;
  onShow: (partId: string) => void;
  onRemove: (item: LockerItem) => void;
}

/** One part's sheet, laid out for reading, with the picture that fits its kind. */
export function PartSheet({ item, onShow, onRemove }: PartSheetProps) {
  const build = useBuild();
  const units = useSettings((state) => state.units);
  const save = useLocker((state) => state.save);
  const { part, state, price, isStarter } = item;
  const plugName = usePlugName();
  const curve = sheetCurve(part, units);
  const copy = async () => {
    const id = `own-${nanoid(8)}`;
    await save({
      part: { ...part, id, name: `${part.name}, mine`.slice(0, 80) },
      state: 'own',
      isStarter: false,
    });
    onShow(id);
  };
  return (
    <article className={styles.sheet} aria-label={part.name}>
      {isStarter ? (
        <h2 className={styles.name}>{capital(part.name)}</h2>
      ) : (
        <TextField
          fullWidth
          size="small"
          label="Name"
          defaultValue={part.name}
          slotProps={{ htmlInput: { maxLength: 80 } }}
          onBlur={({ target }) => {
            const name = target.value.trim();
            if (name && name !== part.name) void save({ ...item, part: { ...part, name } });
          }}
        />
      )}
      {part.maker && <p className={styles.maker}>{part.maker}</p>}
      <div className={styles.actions}>
        <Button
          variant="contained"
          onClick={() =>
            applyAndSay(`fit ${part.name}`, fitPart(build, part), `Added to ${build.name}: ${part.name}`)
          }
        >
          Add to this build
        </Button>
        <SwapIn part={part} />
        <Button onClick={() => void copy()}>Copy and edit</Button>
        {!isStarter && (
          <Button color="error" onClick={() => onRemove(item)}>
            Remove
          </Button>
        )}
      </div>
      <div className={styles.owning}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={state}
          aria-label="On the shelf?"
          onChange={(_, next: LockerItem['state'] | null) => next && void save({ ...item, state: next })}
        >
          <ToggleButton value="own">Own it</ToggleButton>
          <ToggleButton value="mightBuy">Might buy</ToggleButton>
          <ToggleButton value="catalogue">Neither</ToggleButton>
        </ToggleButtonGroup>
        <TextField
          size="small"
          label="Price"
          defaultValue={price ?? ''}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9 } }}
          sx={{ width: 92 }}
          onBlur={({ target }) => {
            const value = Number(target.value.replace(',', '.'));
            const { price: _, ...rest } = item;
            if (target.value.trim() === '') void save(rest);
            else if (Number.isFinite(value) && value >= 0) void save({ ...item, price: value });
            else target.value = price === undefined ? '' : String(price);
          }}
        />
      </div>
      <PhotoButton
        photo={item.photo}
        shows={`${part.name}, as it is`}
        onTake={(photo) => {
          const { photo: _, ...rest } = item;
          void save(photo === undefined ? rest : { ...rest, photo });
        }}
      />
      <WouldItDo part={part} />
      <UseInBuild part={part} />
      {!isStarter && <OtherBuilds part={part} />}
      <SheetForm
        part={part}
        onChange={isStarter ? undefined : (next) => void save({ ...item, part: next })}
      />
      {curve && <CurvePicture curve={curve} />}
      <h3 className={styles.title}>Ports</h3>
      <ul className={styles.ports}>
        {part.ports.map((port) => (
          <li key={port.id}>
            {port.name}: {plugName(port.connector.family)}
            {port.connector.gender === 'none' ? '' : `, ${port.connector.gender}`}
            {port.channel === undefined ? '' : `, channel ${port.channel}`}
          </li>
        ))}
        {part.ports.length === 0 && <li>None: it stays outside the model.</li>}
      </ul>
    </article>
  );
}
