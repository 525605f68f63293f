import IconButton from '@mui/material/IconButton';
import CloseIcon from '@mui/icons-material/Close';
import { parse } from 'papaparse';
import { useState } from 'react';
import { readingKinds } from '../../core/bench/calibration/reading-kinds';
import { readReadingRows, readingColumns } from '../../core/bench/calibration/reading-rows';
import { problemText } from '../../core/base/validation/problem';
import { recordedReadings } from '../../core/bench/instruments/recorded-readings';
import type { LogReading } from '../../core/model/plan/log-entry';
import { NumberField } from '../brief/NumberField';
import { readText } from '../shell/read-text';
import { useCheck } from '../state/use-check';
import { FileButton } from '../shell/FileButton';
import { ReadingSelect } from './ReadingSelect';
import { openRecording, recordingFiles } from '../fitout/open-recording';
import styles from './EntryDialog.module.css';

interface ReadingRowsProps {
  readings: readonly LogReading[];
  onChange: (readings: LogReading[]) => void;
}

/** The figures that were read, each with what it is; typed, or from a file. */
export function ReadingRows({ readings, onChange }: ReadingRowsProps) {
  const { context } = useCheck();
  const kinds = readingKinds(context);
  const [refused, setRefused] = useState('');
  const [chosen, setChosen] = useState<string>();
  const free = kinds.filter(({ what }) => readings.every((reading) => reading.what !== what));
  const next = free.find(({ what }) => what === chosen) ?? free[0];
  const set = (what: string, value: number | undefined) => {
    const others = readings.filter((reading) => reading.what !== what);
    onChange(value === undefined ? others : [...others, { what, value }]);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    const text = await readText(file);
    if (!text.ok) return setRefused(`${file.name} ${text.problem.why}`);
    const { data } = parse<string[]>(text.value.trim(), { skipEmptyLines: true });
    const rows = readReadingRows(data, kinds);
    if (!rows.ok)
      return setRefused(
        `${file.name}: ${rows.problem}. Nothing of it was taken. Its head is ${readingColumns.join(',')}.`,
      );
    setRefused('');
    onChange([
      ...readings.filter(({ what }) => rows.value.every((row) => row.what !== what)),
      ...new Map(rows.value.map((row) => [row.what, row])).values(),
    ]);
  };
  const takeRecording = async (file: File | undefined) => {
    if (!file) return;
    const text = await readText(file);
    if (!text.ok) return setRefused(`${file.name} ${text.problem.why}.`);
    const lines = openRecording(text.value);
    if (!lines.ok) return setRefused(`${file.name}, ${problemText(lines.problem)}. Nothing of it was taken.`);
    const found = recordedReadings(context, lines.value, kinds);
    if (found.length === 0)
      return setRefused(
        `${file.name} holds nothing that is read on this model: no amps of its pack, no volts of its receiver.`,
      );
    setRefused('');
    onChange([...readings.filter(({ what }) => found.every((each) => each.what !== what)), ...found]);
  };
  if (kinds.length === 0)
    return <p className={styles.told}>Nothing can be read before a pack and a receiver are in the build.</p>;
  return (
    <>
      <ul className={styles.rows} aria-label="Readings">
        {readings.map(({ what, value }) => {
          const kind = kinds.find((each) => each.what === what);
          return (
            <li key={what}>
              <span>{kind?.name ?? what}</span>
              <NumberField
                label={kind?.unit ?? 'as read'}
                value={value}
                least={kind?.least ?? -1e6}
                most={kind?.most ?? 1e6}
                onTake={(typed) => set(what, typed)}
              />
              <IconButton aria-label={`Remove ${kind?.name ?? what}`} onClick={() => set(what, undefined)}>
                <CloseIcon fontSize="small" />
              </IconButton>
            </li>
          );
        })}
        {next && (
          <li key="next">
            <ReadingSelect kinds={free} what={next.what} onChoose={setChosen} />
            <NumberField
              key={next.what}
              label={`Reading, ${next.unit}`}
              value={undefined}
              least={next.least}
              most={next.most}
              onTake={(typed) => set(next.what, typed)}
            />
          </li>
        )}
      </ul>
      <div className={styles.tools}>
        <FileButton
          label="Readings as CSV"
          accept=".csv,text/csv,text/plain"
          onTake={(file) => void take(file)}
        >
          Take them from a CSV file
        </FileButton>
        <FileButton
          label="Recording of bench instruments"
          accept={recordingFiles}
          onTake={(file) => void takeRecording(file)}
        >
          Take them from a recording
        </FileButton>
      </div>
      {refused && (
        <p className={styles.told} role="alert">
          {refused}
        </p>
      )}
    </>
  );
}
