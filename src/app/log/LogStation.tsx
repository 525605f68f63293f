import Button from '@mui/material/Button';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { readingKinds } from '../../core/bench/calibration/reading-kinds';
import { hoursOf } from '../../core/bench/log/upkeep';
import { logTable, markdownLog } from '../../core/bench/log/log-table';
import type { LogEntry } from '../../core/model/plan/log-entry';
import { fileNameOf } from '../../core/base/words/file-name';
import { downloadText } from '../shell/build-files';
import { SaveCsv } from '../lists/SaveCsv';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { useCheck } from '../state/use-check';
import { EntryDialog } from './EntryDialog';
import { EntryView } from './EntryView';
import { Packs } from './Packs';
import { UpkeepList } from './UpkeepList';
import { dayWords } from './day-words';
import styles from './LogStation.module.css';

/** What the model did: days and evenings written down, what was read beside what was planned, packs, upkeep. */
export function Component() {
  const build = useBuild();
  const { context } = useCheck();
  const apply = useBuildStore((store) => store.apply);
  const [params, setParams] = useSearchParams();
  const [edited, setEdited] = useState<LogEntry | 'new'>();
  const log = [...(build.log ?? [])].reverse();
  const shown = log.find(({ id }) => id === params.get('entry')) ?? log[0];
  const show = (id: string) => {
    const next = new URLSearchParams(params);
    next.set('entry', id);
    setParams(next, { replace: true });
  };
  return (
    <div className={styles.station}>
      <div className={styles.list}>
        <div className={styles.head}>
          <h1 className={styles.title}>Log</h1>
          {log.length > 0 && <span className="figure">{hoursOf(log).toFixed(1)} h run</span>}
        </div>
        <div className={styles.tools}>
          <Button variant="contained" onClick={() => setEdited('new')}>
            Write down a day
          </Button>
          {log.length > 0 && (
            <>
              <SaveCsv table={logTable(build, readingKinds(context))} />
              <Button
                size="small"
                onClick={() =>
                  downloadText(
                    `${fileNameOf(build.name)}-log.md`,
                    markdownLog(build, readingKinds(context)),
                    'text/markdown',
                  )
                }
              >
                Save as Markdown
              </Button>
            </>
          )}
        </div>
        <ul className={styles.entries} aria-label="Days">
          {log.map((entry) => (
            <li key={entry.id}>
              <button
                type="button"
                className={styles.entry}
                aria-current={entry === shown ? 'true' : undefined}
                onClick={() => show(entry.id)}
              >
                <span className={styles.day}>{dayWords(entry.on)}</span>
                <span className={styles.what}>
                  {entry.kind === 'outing' ? 'Outing' : 'Bench'}
                  {entry.place ? `, ${entry.place}` : ''}
                </span>
                <span className={styles.note}>
                  {[
                    entry.minutes !== undefined && `${entry.minutes} min`,
                    entry.readings.length > 0 &&
                      `${entry.readings.length} ${entry.readings.length === 1 ? 'reading' : 'readings'}`,
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </div>
      <div className={styles.main}>
        {shown ? (
          <EntryView
            key={shown.id}
            entry={shown}
            log={build.log ?? []}
            onChange={() => setEdited(shown)}
            onRemove={() =>
              apply(`take out of the log: ${dayWords(shown.on)}`, [{ type: 'dropEntry', entry: shown.id }])
            }
          />
        ) : (
          <div className={styles.empty}>
            <h2>Nothing is written down yet</h2>
            <p>
              Write down a few readings from the real model, an evening at the bench or an afternoon out. They
              stand beside the plan, and the plan learns from them.
            </p>
            <p>The most telling: {tellingWords(readingKinds(context).map(({ name }) => name))}.</p>
          </div>
        )}
        <Packs />
        <UpkeepList />
      </div>
      {edited && (
        <EntryDialog
          entry={edited === 'new' ? undefined : edited}
          onClose={() => setEdited(undefined)}
          onKept={(id) => {
            setEdited(undefined);
            show(id);
          }}
        />
      )}
    </div>
  );
}

/** The first few things that can be read. */
const tellingWords = (names: readonly string[]): string =>
  names
    .slice(0, 3)
    .map((name) => name.charAt(0).toLowerCase() + name.slice(1))
    .join('; ') || 'volts at the receiver, once a pack and a receiver are in the build';
