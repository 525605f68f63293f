import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Figure } from '../../core/base/validation/figure';
import type { ServoSeat } from '../../core/model/fitting/servo-seat';
import { formatQuantity } from '../../core/base/quantity/format';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import type { Fitted } from '../../core/model/kinds/fitted';
import { NumberField } from '../brief/NumberField';
import { useBuildStore } from '../state/build-store';
import { useSettings } from '../state/settings-store';
import styles from './PartPlace.module.css';

type SizeKey = 'holeSpan' | 'shaftAt' | 'depth';

/** What the model holds ready for a servo, beside what its sheet says; what does not meet is told in the Space well. */
export function ServoSeatFields({ servo }: { servo: Fitted<'servo'> }) {
  const { fitting, part } = servo;
  const { seat = {} } = fitting;
  const apply = useBuildStore((state) => state.apply);
  const units = useSettings((state) => state.units);
  const perMetre = unitRatio('m', units.length);
  const keep = (change: Partial<ServoSeat>) => {
    const kept = Object.entries({ ...seat, ...change }).filter(([, value]) => value !== undefined);
    apply(`${fitting.name}: its seat`, [
      {
        type: 'setFitting',
        fitting: fitting.id,
        change: { seat: kept.length > 0 ? Object.fromEntries(kept) : undefined },
      },
    ]);
  };
  const size = (key: SizeKey, label: string, most: number, brings: Figure | undefined) => (
    <div>
      <NumberField
        label={`${label}, ${units.length}`}
        value={seat[key] === undefined ? undefined : Number((seat[key] * perMetre).toPrecision(4))}
        least={Number((0.001 * perMetre).toPrecision(3))}
        most={Number((most * perMetre).toPrecision(3))}
        onTake={(typed) => keep({ [key]: typed === undefined ? undefined : typed / perMetre })}
      />
      <p className={styles.brings}>
        {brings ? `its sheet: ${formatQuantity(brings.value * 1000, 'mm', units)}` : 'its sheet does not say'}
      </p>
    </div>
  );
  const tick = (key: 'hasSaver' | 'hasPlate', label: string) => (
    <FormControlLabel
      label={label}
      control={
        <Checkbox
          size="small"
          checked={seat[key] === true}
          onChange={({ target }) => keep({ [key]: target.checked ? true : undefined })}
        />
      }
    />
  );
  return (
    <section aria-label={`Seat of the ${fitting.name}`}>
      <h3 className={styles.small}>The seat that the model has for it</h3>
      <div className={styles.fields}>
        {size('holeSpan', 'Hole to hole', 0.3, part.earSpan)}
        {size('shaftAt', 'Hole to shaft', 0.2, part.earToShaft)}
        {size('depth', 'Room below', 0.3, part.underEars)}
        <div>
          <NumberField
            label="Teeth in the horn"
            value={seat.hornTeeth}
            least={8}
            most={40}
            onTake={(typed) => keep({ hornTeeth: typed === undefined ? undefined : Math.round(typed) })}
          />
          <p className={styles.brings}>
            {part.splineTeeth ? `its shaft: ${part.splineTeeth.value}` : 'its sheet does not say'}
          </p>
        </div>
      </div>
      <div className={styles.tools}>
        {tick('hasSaver', 'A servo saver between shaft and rod')}
        {tick('hasPlate', 'On a plate of its own')}
        {madeReady(seat, units)}
      </div>
    </section>
  );
}

/** What has been decided to make the two meet. */
function madeReady(seat: ServoSeat, units: Parameters<typeof formatQuantity>[2]) {
  const told = [
    seat.openedBy !== undefined && `holes longer by ${formatQuantity(seat.openedBy * 1000, 'mm', units)}`,
    seat.standoff !== undefined && `distance pieces of ${formatQuantity(seat.standoff * 1000, 'mm', units)}`,
    seat.wantsHorn === true && 'another horn',
  ].filter(Boolean);
  return told.length > 0 && <p className={styles.brings}>Planned: {told.join(', ')}.</p>;
}
