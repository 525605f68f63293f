import Button from '@mui/material/Button';
import { useState } from 'react';
import { readingKinds } from '../../core/bench/calibration/reading-kinds';
import type { LogEntry } from '../../core/model/plan/log-entry';
import { formatQuantity } from '../../core/base/quantity/format';
import { SavePicture } from '../drawing/SavePicture';
import { fileNameOf } from '../../core/base/words/file-name';
import { useMoney } from '../state/money-store';
import { useCheck } from '../state/use-check';
import { BesidePicture } from './BesidePicture';
import { LearnDialog } from './LearnDialog';
import { dayWords } from './day-words';
import { taskOf, useForetold } from './log-query';
import styles from './LogStation.module.css';

interface EntryViewProps {
  entry: LogEntry;
  log: readonly LogEntry[];
  onChange: () => void;
  onRemove: () => void;
}

/** One day: what was read beside what the plan says, what happened, what was changed. */
export function EntryView({ entry, log, onChange, onRemove }: EntryViewProps) {
  const { context } = useCheck();
  const currency = useMoney((state) => state.currency);
  const [isLearning, setLearning] = useState(false);
  const [picture, setPicture] = useState<SVGSVGElement | null>(null);
  const kinds = readingKinds(context);
  const task = taskOf(context.build, entry);
  const known = entry.readings.filter(({ what }) => kinds.some((kind) => kind.what === what));
  const { data: foretold, error } = useForetold(
    task,
    known.map(({ what }) => what),
  );
  const before = log.filter(
    ({ on, outing, id }) => id !== entry.id && on <= entry.on && outing === entry.outing,
  );
  const facts = [
    entry.weather,
    entry.air !== undefined && `air ${entry.air} °C`,
    entry.minutes !== undefined && `${entry.minutes} min`,
    entry.pack !== undefined && context.index.has(entry.pack) && context.index.get(entry.pack).fitting.name,
    entry.chargeBack !== undefined && `${formatQuantity(entry.chargeBack, 'Ah')} put back`,
    entry.money !== undefined && `cost ${currency}${entry.money.toFixed(2)}`,
  ].filter((fact): fact is string => typeof fact === 'string' && fact !== '');
  return (
    <article aria-labelledby="entry-title">
      <div className={styles.entryHead}>
        <h2 id="entry-title" className={styles.entryTitle}>
          {dayWords(entry.on)}
          {entry.place ? `, ${entry.place}` : ''}
        </h2>
        <Button size="small" onClick={onChange}>
          Change
        </Button>
        <Button size="small" onClick={onRemove}>
          Remove
        </Button>
      </div>
      {facts.length > 0 && <p className={styles.facts}>{facts.join(' · ')}</p>}
      {known.length > 0 && (
        <>
          {error && <p role="alert">The planned figures could not be worked out: {error.message}.</p>}
          <BesidePicture
            ref={setPicture}
            readings={known}
            earlier={before}
            foretold={foretold ?? new Map()}
            kinds={kinds}
            air={task.air}
          />
          <div className={styles.tools}>
            <Button variant="contained" onClick={() => setLearning(true)}>
              Learn from these readings
            </Button>
            <SavePicture svg={picture} name={`${fileNameOf(context.build.name)}-log`} />
          </div>
        </>
      )}
      {entry.readings.length > known.length && (
        <p className={styles.facts}>
          {entry.readings.length - known.length} of the readings are of parts that are no longer in the build.
        </p>
      )}
      {entry.readings.length === 0 && (
        <p className={styles.facts}>No figure was read that day: “Change” takes one.</p>
      )}
      {entry.happened && <Told title="What happened" text={entry.happened} />}
      {entry.changed && <Told title="What was changed" text={entry.changed} />}
      {entry.photo !== undefined && (
        <img src={entry.photo} alt={`The model on ${dayWords(entry.on)}`} className={styles.photo} />
      )}
      {isLearning && <LearnDialog task={task} readings={known} onClose={() => setLearning(false)} />}
    </article>
  );
}

const Told = ({ title, text }: { title: string; text: string }) => (
  <>
    <h3 className={styles.told}>{title}</h3>
    <p className={styles.words}>{text}</p>
  </>
);
