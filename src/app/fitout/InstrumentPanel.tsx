import Button from '@mui/material/Button';
import { lineUnits, type BenchLine } from '../../core/bench/instruments/bench-line';
import { recordingTable, writeRecording } from '../../core/bench/instruments/recording-table';
import type { Step } from '../../core/bench/procedure/step';
import { useBuild } from '../state/shown-build';
import { fileNameOf } from '../../core/base/words/file-name';
import { SaveCsv } from '../lists/SaveCsv';
import { downloadText } from '../shell/build-files';
import { FileButton } from '../shell/FileButton';
import { usePlanted } from '../state/planted-store';
import { recordingFiles } from './open-recording';
import { useInstruments } from './use-instruments';
import styles from './InstrumentPanel.module.css';

interface InstrumentPanelProps {
  step: Step;
  /** Takes what the meter shows as the reading of the step; nothing where it has none or is held. */
  onTake: ((reading: number) => void) | undefined;
}

const digits = { volts: 2, amps: 2, pulse: 0 } as const;
const kindWords = { volts: '', amps: ', what it gives', pulse: ', its pulse' } as const;
const shown = ({ kind, value }: BenchLine) => `${value.toFixed(digits[kind])} ${lineUnits[kind]}`;

/** The instruments on the bench, live: the meter, the pack monitor, the pulses; or a recording of them. */
export function InstrumentPanel({ step, onTake }: InstrumentPanelProps) {
  const build = useBuild();
  const [planted, plant] = usePlanted(build.id);
  const { state, readings, taken, problem, open, play, close } = useInstruments(build, step.id, planted?.id);
  const meter = readings.find(({ of }) => of === 'meter');
  const others = readings.filter((line) => line !== meter);
  return (
    <section className={styles.panel} aria-labelledby="instruments-title">
      <h3 id="instruments-title" className={styles.title}>
        Instruments
      </h3>
      {planted && (
        <p className={styles.planted}>
          A mistake is planted, by the rehearsal: the simulated instruments show it.{' '}
          <Button size="small" onClick={() => plant(undefined)}>
            As planned again
          </Button>
        </p>
      )}
      {meter && (
        <div className={styles.meter}>
          <output className={`figure ${styles.reading}`} aria-label={`Meter, ${meter.name}`}>
            {shown(meter)}
          </output>
          {onTake && (
            <Button variant="outlined" onClick={() => onTake(meter.value)}>
              Take this reading
            </Button>
          )}
        </div>
      )}
      {others.length > 0 && (
        <dl className={styles.others}>
          {others.map((line) => (
            <div key={`${line.kind} ${line.of}`}>
              <dt>
                {line.name}
                {kindWords[line.kind]}
              </dt>
              <dd className="figure">{shown(line)}</dd>
            </div>
          ))}
        </dl>
      )}
      {state === 'ended' && (
        <>
          <p role="status">Switched off: these are the last readings of {taken().length}.</p>
          <div className={styles.buttons}>
            <Button
              size="small"
              onClick={() =>
                downloadText(
                  `${fileNameOf(build.name)}-bench.ndjson`,
                  writeRecording(taken()),
                  'application/x-ndjson',
                )
              }
            >
              Save the recording
            </Button>
            <SaveCsv table={() => recordingTable(taken())} />
          </div>
        </>
      )}
      {problem !== undefined && (
        <p role="alert" className={styles.problem}>
          {problem}
        </p>
      )}
      <div className={styles.buttons}>
        {state === 'off' || state === 'ended' ? (
          <>
            <Button size="small" variant="outlined" onClick={open}>
              Read the simulated instruments
            </Button>
            <FileButton
              label="Recording of bench instruments"
              accept={recordingFiles}
              onTake={(file) => void file.text().then(play)}
            >
              Play a recording…
            </FileButton>
          </>
        ) : (
          <Button size="small" onClick={close}>
            {state === 'opening' ? 'Switching on …' : 'Switch off'}
          </Button>
        )}
      </div>
    </section>
  );
}
