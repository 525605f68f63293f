import { useMemo } from 'react';
import { drivelineOf, type Driveline } from '../../core/brief/driveline';
import { isAfloat, topSpeedVolts, usualSurface } from '../../core/circuit/values/vehicle-values';
import { surfaces, type Brief } from '../../core/plan/brief';
import { useBuild, useBuildStore } from '../state/build-store';
import { useCheck } from '../state/use-check';
import { Choice } from './BriefFields';
import { NumberField } from './NumberField';
import styles from './Side.module.css';

/** One metre per second. */
const kilometresPerHour = 3.6;
const millimetres = 1000;

/** What moves the model: gears and tyres, or screw and waterline, and how fast they make it. */
export function Motion() {
  const { brief, model } = useBuild();
  const build = useBuild();
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const driveline = useMemo(() => drivelineOf(context), [context]);
  const set = (words: string, change: Partial<Brief>) =>
    apply(`Brief: ${words}`, [{ type: 'setBrief', change }]);
  const inMillimetres = (metres: number | undefined) =>
    metres === undefined ? undefined : Number((metres * millimetres).toFixed(1));
  const length = (
    key: 'tyreDiameter' | 'screwDiameter' | 'screwPitch' | 'waterline',
    label: string,
    most: number,
    estimate: number | undefined,
  ) => (
    <NumberField
      label={label}
      value={inMillimetres(brief[key])}
      {...(estimate !== undefined && { estimated: (estimate * millimetres).toFixed(0) })}
      least={5}
      most={most}
      onTake={(typed) => set(label, { [key]: typed === undefined ? undefined : typed / millimetres })}
    />
  );
  if (model === 'yacht') return null;
  const screw = driveline?.moves === 'screw' ? driveline : undefined;
  const wheels = driveline?.moves === 'wheels' ? driveline : undefined;
  return (
    <section className={styles.section} aria-labelledby="motion-title">
      <h2 id="motion-title" className={styles.title}>
        What moves it
      </h2>
      <div className={styles.pair}>
        {isAfloat(build) ? (
          <>
            {length('screwDiameter', 'Screw, mm', 500, screw?.diameter)}
            {length('screwPitch', 'Pitch, mm', 1000, screw?.pitch)}
            {length('waterline', 'Waterline, mm', 10_000, screw?.waterline)}
          </>
        ) : (
          <>
            <NumberField
              label="Gears, to 1"
              value={brief.gearRatio}
              {...(wheels && { estimated: wheels.gearRatio.toPrecision(2) })}
              least={0.5}
              most={2000}
              onTake={(gearRatio) => set('gear ratio', { gearRatio })}
            />
            {length(
              'tyreDiameter',
              model === 'tracked machine' ? 'Sprocket, mm' : 'Tyre, mm',
              1000,
              wheels?.tyreDiameter,
            )}
            <Choice
              label="Ground"
              value={usualSurface(build)}
              options={surfaces}
              onChoose={(surface) => set('ground', { surface })}
            />
          </>
        )}
        <NumberField
          label="Top, km/h"
          value={brief.topSpeed && Number((brief.topSpeed * kilometresPerHour).toFixed(1))}
          least={0.2}
          most={200}
          onTake={(speed) => set('top speed', { topSpeed: speed && speed / kilometresPerHour })}
        />
      </div>
      {driveline && <p className={styles.why}>{wordsOf(driveline)}</p>}
      <p className={styles.why}>
        {isAfloat(build) ? '' : `A top speed counts at ${topSpeedVolts(build)} V. `}≈ is an estimate until you
        type yours.
      </p>
    </section>
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
