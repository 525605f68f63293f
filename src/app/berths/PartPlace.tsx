import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Laid } from '../../core/reading/berths/layout';
import { holds, poses, type Hold, type Placement, type Pose } from '../../core/model/fitting/placement';
import { formatLength } from '../../core/base/quantity/format';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import { capital } from '../../core/base/words/sentences';
import { NumberField } from '../brief/NumberField';
import { useBuildStore } from '../state/build-store';
import { useSettings } from '../state/settings-store';
import { ServoSeatFields } from './ServoSeatFields';
import { turned } from './use-part-keys';
import styles from './PartPlace.module.css';

const poseWords: Record<Pose, string> = { flat: 'as it stands', side: 'on its side', end: 'on its end' };
const holdWords: Record<Hold, string> = {
  tape: 'tape',
  strap: 'a strap',
  'foam and strap': 'foam and a strap',
  screws: 'screws',
};

interface PartPlaceProps {
  laid: Laid;
  onPut: (fitting: string, place: Placement) => void;
  onGone: () => void;
}

/** Where the chosen part lies, in figures, and what holds it. */
export function PartPlace({ laid, onPut, onGone }: PartPlaceProps) {
  const { fitted, place, size, berth } = laid;
  const { id, name } = fitted.fitting;
  const apply = useBuildStore((state) => state.apply);
  const units = useSettings((state) => state.units);
  const perMetre = unitRatio('m', units.length);
  const put = (change: Partial<Placement>) => onPut(id, { ...place, ...change });
  const mm = (metres: number) => formatLength(metres, units);
  const coordinate = (axis: 'x' | 'y' | 'z', label: string) => (
    <NumberField
      label={`${label}, ${units.length}`}
      value={Number((place[axis] * perMetre).toPrecision(5))}
      least={Number((-10 * perMetre).toPrecision(4))}
      most={Number((10 * perMetre).toPrecision(4))}
      onTake={(typed) => typed !== undefined && put({ [axis]: typed / perMetre })}
    />
  );
  const screw = (key: 'screwInto' | 'bossDepth', label: string) => (
    <NumberField
      label={`${label}, ${units.length}`}
      value={place[key] === undefined ? undefined : Number((place[key] * perMetre).toPrecision(4))}
      least={Number((0.001 * perMetre).toPrecision(3))}
      most={Number((0.1 * perMetre).toPrecision(3))}
      onTake={(typed) => {
        const { [key]: _, ...rest } = place;
        onPut(id, typed === undefined ? rest : { ...place, [key]: typed / perMetre });
      }}
    />
  );
  return (
    <section className={styles.part} aria-label={`Place of the ${name}`}>
      <h2 className={styles.title}>
        {capital(name)}
        <span className={styles.note}>
          {berth?.name ?? 'in no berth'} · {mm(size.long)} × {mm(size.wide)} × {mm(size.high)}
          {size.provenance === 'estimated' ? ', usual for its kind: its sheet has no size' : ''}
        </span>
      </h2>
      <div className={styles.fields}>
        {coordinate('x', 'Along')}
        {coordinate('y', 'To port')}
        {coordinate('z', 'Up')}
        <TextField
          select
          size="small"
          margin="dense"
          label="It lies"
          value={place.pose}
          onChange={({ target }) => put({ pose: target.value as Pose })}
        >
          {poses.map((pose) => (
            <MenuItem key={pose} value={pose}>
              {poseWords[pose]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          size="small"
          margin="dense"
          label="Held by"
          value={place.hold ?? ''}
          onChange={({ target }) => put({ hold: target.value as Hold })}
        >
          {holds.map((hold) => (
            <MenuItem key={hold} value={hold}>
              {holdWords[hold]}
            </MenuItem>
          ))}
        </TextField>
        {place.hold === 'screws' && (
          <>
            {screw('screwInto', 'Screw reaches in')}
            {screw('bossDepth', 'Boss is deep')}
          </>
        )}
      </div>
      <div className={styles.tools}>
        <Button size="small" onClick={() => onPut(id, turned(place))}>
          Turn it
        </Button>
        <FormControlLabel
          control={
            <Checkbox
              size="small"
              checked={place.isBoxed === true}
              onChange={({ target }) => put({ isBoxed: target.checked })}
            />
          }
          label="in a box or bag that keeps water out"
        />
        <Button
          size="small"
          onClick={() => {
            apply(`take up the ${name}`, [{ type: 'setFitting', fitting: id, change: { place: undefined } }]);
            onGone();
          }}
        >
          Take it up
        </Button>
        <Button size="small" onClick={onGone}>
          Done
        </Button>
      </div>
      {fitted.kind === 'servo' && <ServoSeatFields servo={fitted} />}
    </section>
  );
}
