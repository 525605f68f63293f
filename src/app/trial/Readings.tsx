import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import CloseIcon from '@mui/icons-material/Close';
import { useState } from 'react';
import { readingKinds } from '../../core/bench/calibration/reading-kinds';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import { liveWorker } from '../../workers/trial-crew';
import { NumberField } from '../brief/NumberField';
import { ReadingSelect } from '../log/ReadingSelect';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { useCheck } from '../state/use-check';
import { refuse } from '../state/refusal-store';
import styles from './Side.module.css';

/** One figure read on the real model moves the estimate that it bears on, for all that is worked out after. */
export function Readings({ task }: { task: TrialTask }) {
  const build = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const { context } = useCheck();
  const kinds = readingKinds(context);
  const [chosen, setReading] = useState<string>();
  const kind = kinds.find(({ what }) => what === chosen) ?? kinds[0];
  const [value, setValue] = useState<number>();
  const [isBusy, setBusy] = useState(false);
  const [told, setTold] = useState('');
  if (!kind) return null;
  const { unit, least, most, what: reading } = kind;
  const take = async (typed: number) => {
    setBusy(true);
    setTold('');
    try {
      const on = new Date().toISOString();
      const found = await liveWorker().do(
        async (jobs) => await jobs.calibrate(build, task, [{ what: reading, value: typed }], on),
      );
      if (!found.ok) setTold(`Not taken: ${found.problem}`);
      else {
        const { measured, figures, readings } = found.value;
        const { before, after, isExplained } = readings[0]!;
        const said = `The plan said ${before.toPrecision(3)} ${unit}.`;
        if (!isExplained) {
          setTold(
            `${said} No estimate explains ${typed} ${unit}: look for a fault, or read it again. Nothing was changed.`,
          );
          return;
        }
        apply(
          `measured: ${kind.name.toLowerCase()} ${typed} ${unit}`,
          measured.map((each) => ({ type: 'measure', measured: each })),
        );
        setTold(
          `${said} Now it says ${after.toPrecision(3)} ${unit}: ${figures.map(({ words, prior, posterior }) => `${words} × ${(posterior / prior).toPrecision(2)}`).join(', ') || 'nothing had to move'}.`,
        );
        setValue(undefined);
      }
    } catch (error) {
      refuse('The reading could not be worked in', error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-labelledby="readings-title">
      <h2 id="readings-title" className={styles.title} style={{ marginTop: 16 }}>
        You measured something?
      </h2>
      <ReadingSelect
        kinds={kinds}
        what={reading}
        onChoose={(what) => {
          setReading(what);
          setValue(undefined);
        }}
      />
      <NumberField
        key={reading}
        label={`Reading, ${unit}`}
        value={value}
        least={least}
        most={most}
        onTake={setValue}
      />
      <Button
        size="small"
        variant="outlined"
        disabled={value === undefined || isBusy}
        onClick={() => value !== undefined && void take(value)}
      >
        {isBusy ? 'Working it in…' : 'Take it'}
      </Button>
      <p className={styles.note} role="status">
        {told}
      </p>
      <ul style={{ margin: 0, padding: 0, listStyle: 'none' }}>
        {(build.measured ?? []).map(({ estimate, said, factor }) => (
          <li key={estimate} className={styles.give}>
            measured: {said} <span className="figure">× {factor.toPrecision(2)}</span>
            <IconButton
              size="small"
              aria-label={`Let go of ${said}`}
              onClick={() => apply(`let go of ${said}`, [{ type: 'forgetMeasured', estimate }])}
            >
              <CloseIcon fontSize="inherit" />
            </IconButton>
          </li>
        ))}
      </ul>
    </section>
  );
}
