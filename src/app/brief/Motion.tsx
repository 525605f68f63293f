import { memo, useMemo } from 'react';
import { drivelineOf, servoAsks, type Driveline } from '../../core/reading/brief/driveline';
import {
  isAfloat,
  steeredShare,
  topSpeedVolts,
  tyreDiameter,
  tyreWidth,
  usualSurface,
} from '../../core/reading/motion/vehicle-values';
import { gaugeOf, trackLengthOf } from '../../core/reading/motion/skid-values';
import type { Reading } from '../../core/reading/build-reading/reading';
import { surfaces, type Brief } from '../../core/model/plan/brief';
import { formatQuantity } from '../../core/base/quantity/format';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import { capital, nameList } from '../../core/base/words/sentences';
import type { Build } from '../../core/model/plan/build';
import { runTimeWords } from '../../core/base/quantity/run-time-words';
import { useSettings } from '../state/settings-store';
import { useTrialFindings } from '../state/trial-findings-store';
import { useBuildStore } from '../state/build-store';
import { Choice } from './BriefFields';
import { NumberField } from './NumberField';
import styles from './Side.module.css';

/** One metre per second. */
const kilometresPerHour = 3.6;
/** What a yacht sails on whose Brief names no ground. */
const water = 'water';

/** What moves the model: gears and tyres, or screw and waterline, and how fast they make it. */
export const Motion = memo(function Motion({ context }: { context: Reading }) {
  const { build } = context;
  const { brief, model } = build;
  const apply = useBuildStore((state) => state.apply);
  const driveline = useMemo(() => drivelineOf(context), [context]);
  const asks = useMemo(() => servoAsks(context), [context]);
  const set = (words: string, change: Partial<Brief>) =>
    apply(`Brief: ${words}`, [{ type: 'setBrief', change }]);
  const units = useSettings((state) => state.units);
  const perMetre = unitRatio('m', units.length);
  const length = (
    key:
      | 'tyreDiameter'
      | 'tyreWidth'
      | 'trackLength'
      | 'gauge'
      | 'screwDiameter'
      | 'screwPitch'
      | 'waterline'
      | 'drumRadius',
    label: string,
    most: number,
    estimate: number | undefined,
  ) => (
    <NumberField
      label={`${label}, ${units.length}`}
      value={brief[key] && Number((brief[key] * perMetre).toPrecision(4))}
      {...(estimate !== undefined && { estimated: String(Number((estimate * perMetre).toPrecision(2))) })}
      least={Number((0.005 * perMetre).toPrecision(2))}
      most={Number((most * perMetre).toPrecision(3))}
      onTake={(typed) => set(label, { [key]: typed === undefined ? undefined : typed / perMetre })}
    />
  );
  const area = (key: 'rudderArea' | 'sailArea', label: string, perSquareMetre: number, most: number) => (
    <NumberField
      label={label}
      value={brief[key] && Number((brief[key] * perSquareMetre).toPrecision(4))}
      least={perSquareMetre === 1 ? 0.001 : 1}
      most={most}
      onTake={(typed) => set(label, { [key]: typed === undefined ? undefined : typed / perSquareMetre })}
    />
  );
  const isYacht = model === 'yacht';
  const screw = driveline?.moves === 'screw' ? driveline : undefined;
  const wheels = driveline?.moves === 'wheels' ? driveline : undefined;
  return (
    <section className={styles.section} aria-labelledby="motion-title">
      <h2 id="motion-title" className={styles.title}>
        {isYacht ? 'Servo loads' : 'Drive'}
      </h2>
      <div className={styles.pair}>
        {isYacht && (
          <>
            {area('sailArea', 'Sails, m²', 1, 10)}
            {length('drumRadius', 'Drum', 0.5, undefined)}
            <Choice
              label="Sails on"
              value={brief.surface ?? water}
              options={[water, ...surfaces]}
              onChoose={(chosen) =>
                set('what it sails on', { surface: chosen === water ? undefined : chosen })
              }
            />
          </>
        )}
        {isAfloat(build) ? (
          <>
            {!isYacht && (
              <>
                {length('screwDiameter', 'Screw', 0.5, screw?.diameter)}
                {length('screwPitch', 'Pitch', 1, screw?.pitch)}
                <NumberField
                  label="Blades"
                  value={brief.screwBlades}
                  {...(screw && { estimated: String(screw.blades) })}
                  least={2}
                  most={7}
                  onTake={(blades) => set('blades', { screwBlades: blades && Math.round(blades) })}
                />
              </>
            )}
            {area('rudderArea', 'Rudder, cm²', 10_000, 5000)}
            {length('waterline', 'Waterline', 10, screw?.waterline)}
          </>
        ) : (
          <>
            {!isYacht && (
              <NumberField
                label="Gear ratio"
                value={brief.gearRatio}
                {...(wheels && { estimated: wheels.gearRatio.toPrecision(2) })}
                least={0.5}
                most={2000}
                onTake={(gearRatio) => set('gear ratio', { gearRatio })}
              />
            )}
            {length(
              'tyreDiameter',
              model === 'tracked machine' ? 'Sprocket' : 'Tyre',
              1,
              wheels?.tyreDiameter,
            )}
            {model === 'tracked machine' ? (
              <>
                {length('trackLength', 'On the ground', 10, trackLengthOf(build, tyreDiameter(build)))}
                {length('gauge', 'Track to track', 10, gaugeOf(build, tyreDiameter(build)))}
              </>
            ) : (
              <>
                {length('tyreWidth', 'Tyre width', 0.5, tyreWidth(build))}
                <NumberField
                  label="Steered, %"
                  value={brief.steeredShare && Math.round(brief.steeredShare * 100)}
                  estimated={(steeredShare(build) * 100).toFixed(0)}
                  least={5}
                  most={100}
                  onTake={(share) => set('steered axle', { steeredShare: share && share / 100 })}
                />
              </>
            )}
            {!isYacht && (
              <Choice
                label="Ground"
                value={usualSurface(build)}
                options={surfaces}
                onChoose={(surface) => set('ground', { surface })}
              />
            )}
          </>
        )}
        {!isYacht && (
          <NumberField
            label="Top, km/h"
            value={brief.topSpeed && Number((brief.topSpeed * kilometresPerHour).toFixed(1))}
            least={0.2}
            most={200}
            onTake={(speed) => set('top speed', { topSpeed: speed && speed / kilometresPerHour })}
          />
        )}
      </div>
      {driveline && <p className={styles.why}>{wordsOf(driveline)}</p>}
      {asks.map(({ names, words, kilogramCentimetres }) => (
        <p key={names.join()} className={styles.why}>
          {capital(nameList(names))} must {names.length > 1 && 'each '}give about{' '}
          {formatQuantity(kilogramCentimetres, 'kg·cm', units)} to {words}.
        </p>
      ))}
      <LastOuting build={build} />
      <p className={styles.why}>
        {isAfloat(build) || isYacht ? '' : `A top speed counts at ${topSpeedVolts(build)} V. `}≈ is an
        estimate until you type yours.
      </p>
    </section>
  );
});

/** What the last outing of this very build came to: the Trial's figures, quoted where the wishes stand. */
function LastOuting({ build }: { build: Build }) {
  const { build: rehearsed, quoted } = useTrialFindings();
  if (rehearsed !== build || !quoted?.figures.hasWoken) return null;
  const { meanPackAmps, runMinutes, topSpeed } = quoted.figures;
  const lasts = Number.isFinite(runMinutes) ? `, so the pack lasts about ${runTimeWords(runMinutes)}` : '';
  return (
    <p className={styles.why}>
      The last outing, “{quoted.outing}”: {meanPackAmps.toFixed(1)} A in the mean{lasts};{' '}
      {topSpeed.toFixed(1)} m/s at most.
    </p>
  );
}

function wordsOf(driveline: Driveline): string {
  if (driveline.moves === 'screw')
    return driveline.planes
      ? 'Taken for a planing hull, by its power or its top speed.'
      : `Taken for a displacement hull: beyond ${driveline.hullSpeed.toFixed(1)} m/s it climbs its own wave, and what the Trial says of its speed there is doubtful.`;
  const [now, more] = driveline.speeds;
  const told = (speed: { cells: number; metresPerSecond: number }) =>
    `${speed.metresPerSecond.toFixed(1)} m/s (${(speed.metresPerSecond * kilometresPerHour).toFixed(0)} km/h) on ${speed.cells} ${speed.cells === 1 ? 'cell' : 'cells'}`;
  return now && more
    ? `Geared for ${told(now)}, ${told(more)}. The gears stay when the pack changes.`
    : 'The gears stay when the pack changes.';
}
