import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useMemo, useState } from 'react';
import { candidateFaults } from '../../core/bench/faults/candidate-faults';
import type { Hands } from '../../core/bench/rehearsal/hands';
import { nameList } from '../../core/base/words/sentences';
import { useBuild } from '../state/shown-build';
import { usePlanted } from '../state/planted-store';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { LiveTile } from './LiveTile';
import { MeterProbe } from './MeterProbe';
import { RailStrip } from './RailStrip';
import { Planted } from './Planted';
import { Transmitter } from './Transmitter';
import { sticksOf } from './sticks';
import { useGamepad } from './use-gamepad';
import { useLiveBench } from './use-live-bench';
import styles from './Rehearsal.module.css';

const noHarm = {};

/** The build alive before it exists: worked by its own transmitter, through the same solver as every verdict. */
export function RehearsalView({ onBack }: { onBack: () => void }) {
  const build = useBuild();
  const { context } = useCheck();
  const sticks = useMemo(() => sticksOf(context), [context]);
  const faults = useMemo(() => candidateFaults(context), [context]);
  const [isTransmitterOn, setTransmitter] = useState(false);
  const [isPackIn, setPack] = useState(false);
  const [isUnderWay, setUnderWay] = useState(false);
  const [isLoud, setLoud] = useState(() => useSettings.getState().isLoud);
  const [held, setHeld] = useState<string>();
  const [planted, setPlanted] = usePlanted(build.id);
  const [values, setValues] = useState<ReadonlyMap<string, number>>(new Map());
  const move = (id: string, value: number) => setValues((now) => new Map(now).set(id, value));
  const pad = useGamepad(sticks, move);
  const hands = (): Hands => ({
    isTransmitterOn,
    isPackIn,
    isUnderWay,
    held,
    sticks: new Map(sticks.map(({ id, start }) => [id, values.get(id) ?? start])),
  });
  const { bench, view, turned, heard, strip, seconds } = useLiveBench(
    build,
    planted?.harm ?? noHarm,
    hands,
    isLoud,
  );
  return (
    <div className={styles.rehearsal}>
      <div className={styles.head}>
        <h1 className={styles.title}>Rehearsal</h1>
        <FormControlLabel
          control={<Switch checked={isTransmitterOn} onChange={(_, on) => setTransmitter(on)} />}
          label="Transmitter on"
        />
        <FormControlLabel
          control={<Switch checked={isPackIn} onChange={(_, on) => setPack(on)} />}
          label="Pack in"
        />
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="Where the model is"
          value={isUnderWay}
          onChange={(_, next: boolean | null) => next !== null && setUnderWay(next)}
        >
          <ToggleButton value={false}>On its stand</ToggleButton>
          <ToggleButton value={true}>Under way</ToggleButton>
        </ToggleButtonGroup>
        <FormControlLabel
          control={<Switch checked={isLoud} onChange={(_, on) => setLoud(on)} />}
          label="Sound"
        />
        <span className={styles.back}>
          <Button size="small" onClick={onBack}>
            Back to the steps
          </Button>
        </span>
        <p className={`figure ${styles.figuresNow}`}>
          <span>{view.packAmps.toFixed(2)} A from the pack</span>
          {view.charge !== undefined && <span>{Math.round(100 * view.charge)} % left in it</span>}
          {view.metresPerSecond !== undefined && <span>{shownSpeed(view.metresPerSecond)} m/s</span>}
        </p>
      </div>
      {view.missing.length > 0 && (
        <p className={styles.hint}>Not in these amps and volts: {nameList(view.missing)}.</p>
      )}
      <div className={styles.columns}>
        <div className={styles.stage}>
          {view.parts.length === 0 ? (
            <p className={styles.nothing}>
              Nothing to bring to life yet: a pack, a receiver and something that listens to it make a
              beginning.
            </p>
          ) : (
            <ul className={styles.tiles} aria-label="The model">
              {view.parts.map((part) => (
                <LiveTile
                  key={part.id}
                  part={part}
                  turned={turned.get(part.id) ?? 0}
                  onHold={(isHeld) => setHeld(isHeld ? part.id : undefined)}
                />
              ))}
            </ul>
          )}
          <Transmitter sticks={sticks} values={values} onMove={move} />
          <p className={styles.hint}>
            {pad ? `A gamepad moves it: ${pad}. ` : 'A gamepad, once it is moved, works the sticks. '}
            Arrow keys move a control, the space bar lets it go.
          </p>
        </div>
        <aside className={styles.side} aria-label="Instruments">
          {strip && (
            <RailStrip name={strip.name} points={strip.points} floor={strip.floor} seconds={seconds} />
          )}
          <MeterProbe bench={bench} />
          <Planted faults={faults} planted={planted} onPlant={setPlanted} />
          <section aria-label="Heard">
            <h2 className={styles.sideTitle}>Heard and seen</h2>
            <ol className={styles.heard} aria-live="polite">
              {heard.map(({ id, seconds, words }) => (
                <li key={id}>
                  <span className="figure">{seconds.toFixed(1)} s</span> {words}
                </li>
              ))}
            </ol>
            {heard.length === 0 && (
              <p className={styles.hint}>
                {isTransmitterOn && isPackIn
                  ? 'Nothing yet: no controller is there to sound its tones.'
                  : 'Transmitter on first, then the pack in.'}
              </p>
            )}
          </section>
        </aside>
      </div>
    </div>
  );
}

/** To a tenth, and without a sign where the model stands. */
const shownSpeed = (metresPerSecond: number): string =>
  (Math.round(10 * metresPerSecond) / 10 + 0).toFixed(1);
