import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import { useState } from 'react';
import { bestHornRadius } from '../../core/reading/linkage/linkage-travel';
import { rodLength } from '../../core/reading/linkage/four-bar';
import { linkageForces, linkageReading, type LinkageSide } from '../../core/reading/linkage/linkage-reading';
import { locksOf, type Locks } from '../../core/reading/linkage/turning';
import { linkagePresets } from '../../core/reading/linkage/presets';
import type { Linkage } from '../../core/model/fitting/linkage';
import { formatQuantity } from '../../core/base/quantity/format';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import { offerEnds } from '../../core/judgement/put-right/linkage-ends';
import type { Fitted } from '../../core/model/kinds/fitted';
import { capital } from '../../core/base/words/sentences';
import { radiansPerDegree } from '../../core/base/quantity/angle';
import { ServoSeatFields } from '../berths/ServoSeatFields';
import { NumberField } from '../brief/NumberField';
import { Figure } from '../drawing/Figure';
import { MenuButton } from '../loom/MenuButton';
import { Explained } from '../help/Explained';
import { useBuildStore } from '../state/build-store';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { LinkagePicture } from './LinkagePicture';
import styles from './ChannelEditor.module.css';

/** N·m of one kg·cm, as the picture’s figures are told. */
const kilogramCentimetre = unitRatio('kg·cm', 'N·m');

/** From the horn of a servo to what it moves: drawn as it stands, with the stops, the rod to make and the torque that arrives. */
export function LinkageEditor({ servo }: { servo: Fitted<'servo'> }) {
  const { fitting } = servo;
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const units = useSettings((state) => state.units);
  const [stick, setStick] = useState(0);
  const reading = linkageReading(context, servo);
  const set = (words: string, linkage: Linkage | undefined) =>
    apply(`${fitting.name}: ${words}`, [{ type: 'setFitting', fitting: fitting.id, change: { linkage } }]);
  // One that lies in the Berths has its seat told there.
  const seat = fitting.place === undefined && <ServoSeatFields servo={servo} />;
  if (!reading)
    return (
      <div className={styles.linkage}>
        <h3 className={styles.small}>{capital(fitting.name)}: what it moves</h3>
        <p className={styles.hint}>
          <Explained text="Measure horn, rod and arm, and the end points, the rod and the torque that arrives are worked out." />
        </p>
        <MenuButton
          label="Describe its linkage"
          options={linkagePresets.map(({ id, name }) => ({ id, text: name }))}
          onChoose={(id) => set('its linkage', linkagePresets.find((preset) => preset.id === id)?.linkage)}
        />
        {seat}
      </div>
    );
  const { linkage, low, high, fullHorn } = reading;
  const perMetre = unitRatio('m', units.length);
  const length = (key: 'hornRadius' | 'armRadius' | 'along' | 'across', label: string, least: number) => (
    <NumberField
      label={`${label}, ${units.length}`}
      value={Number((linkage[key] * perMetre).toPrecision(4))}
      least={Number((least * perMetre).toPrecision(3))}
      most={Number(((key === 'along' ? 2 : key === 'across' ? 1 : 0.5) * perMetre).toPrecision(3))}
      onTake={(typed) =>
        typed !== undefined && set(label.toLowerCase(), { ...linkage, [key]: typed / perMetre })
      }
    />
  );
  const angle = (key: 'hornDegrees' | 'armDegrees' | 'stopDegrees', label: string, most: number) => (
    <NumberField
      label={`${label}, °`}
      value={linkage[key]}
      least={1}
      most={most}
      onTake={(typed) => typed !== undefined && set(label.toLowerCase(), { ...linkage, [key]: typed })}
    />
  );
  const shown = (metres: number) => formatQuantity(metres * 1000, 'mm', units);
  const [offer] = offerEnds(reading);
  const hole = bestHornRadius(linkage, fullHorn);
  const forces = linkageForces(context, servo, reading);
  const locks = locksOf(context, servo, reading);
  const toned = (newtonMetres: number) => formatQuantity(newtonMetres / kilogramCentimetre, 'kg·cm', units);
  const turned = (Math.abs(stick) / 100) * (stick < 0 ? low.setHorn : high.setHorn);
  return (
    <div className={styles.linkage}>
      <h3 className={styles.small}>{capital(fitting.name)}: what it moves</h3>
      <div className={styles.pair}>
        <div>
          <Figure name={`linkage of the ${fitting.name}`} caption="Horn, rod and arm">
            <LinkagePicture linkage={linkage} turned={turned} />
          </Figure>
          <Slider
            size="small"
            value={stick}
            min={-100}
            max={100}
            aria-label={`Channel of the ${fitting.name}, percent`}
            onChange={(_, value) => setStick(value)}
          />
          <p className={styles.hint}>
            The rod: <b className="figure">{shown(rodLength(linkage))}</b> between its holes.{' '}
            {endWords(low, high)}
          </p>
          {locks && <p className={styles.hint}>{lockWords(locks)}</p>}
          {forces && (
            <p className={styles.hint}>
              It gives {toned(forces.given)}; at the arm that is {toned(forces.atArm)} at least
              {forces.needed === undefined ? '' : `, and ${toned(forces.needed)} are needed`}. The rod is
              pushed with {formatQuantity(forces.rodNewtons, 'N')} at most.
            </p>
          )}
        </div>
        <div className={styles.row}>
          {length('hornRadius', 'Horn hole', 0.001)}
          {length('armRadius', 'Arm hole', 0.001)}
          {length('along', 'Pivot along', 0.005)}
          {length('across', 'Pivot across', -1)}
          {angle('hornDegrees', 'Horn at centre', 179)}
          {angle('armDegrees', 'Arm at centre', 179)}
          {angle('stopDegrees', 'Stops at', 90)}
        </div>
      </div>
      {offer && (
        <Button size="small" onClick={() => apply(offer.label, offer.edits)}>
          Set the end points where the stops are met
        </Button>
      )}
      {hole !== undefined && Math.abs(hole - linkage.hornRadius) > 0.0005 && (
        <Button
          size="small"
          onClick={() => set('another hole', { ...linkage, hornRadius: Number(hole.toFixed(4)) })}
        >
          Use a hole at {shown(hole)}: its stops at 92 % of the pulse
        </Button>
      )}
      <Button size="small" color="error" onClick={() => set('no linkage', undefined)}>
        Remove the linkage
      </Button>
      {seat}
    </div>
  );
}

/** Full lock both ways, wheel by wheel, and the circle that comes of it. */
function lockWords({ low, high, isMeasured }: Locks): string {
  const [a, b] = [low, high].map(
    (turn) =>
      turn &&
      `inner wheel ${turn.inner.toFixed(0)}°, outer ${turn.outer.toFixed(0)}°, a circle of ${turn.circle.toFixed(2)} m`,
  );
  const rest = isMeasured ? '' : ' Wheelbase and track are usual ones, until the Berths have yours.';
  return `Full lock one way: ${a ?? 'none'}; the other way: ${b ?? 'none'}.${rest}`;
}

/** Where the stops are met, in percent of the pulse, and what comes before. */
function endWords(low: LinkageSide, high: LinkageSide): string {
  const toggle = low.toggle ?? high.toggle;
  if (toggle)
    return `Rod and ${toggle.of} come into line at ${Math.abs(toggle.horn / radiansPerDegree).toFixed(0)}° of the horn.`;
  const [a, b] = [low, high].map(({ stopPercent }) => stopPercent?.toFixed(0));
  return a === undefined || b === undefined
    ? 'Its stops are not met at all.'
    : `Its stops are met at ${a} % and ${b} % of the pulse.`;
}
