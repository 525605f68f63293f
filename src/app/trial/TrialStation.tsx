import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { unparse } from 'papaparse';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { outingsOf } from '../../core/desk/trial/outings';
import { trialTable } from '../../core/desk/trial/trial-csv';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import { downloadText } from '../shell/build-files';
import { useLater } from '../shell/use-later';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { useTrialFindings } from '../state/trial-findings-store';
import { ChoiceBench } from './ChoiceBench';
import { Circumstances, type Start } from './Circumstances';
import { CompareWith, useVariants } from './CompareWith';
import { EventList } from './EventList';
import { EventStrip } from './EventStrip';
import { GivesFirst } from './GivesFirst';
import { HowSure } from './HowSure';
import { LongRun } from './LongRun';
import { OutingEditor } from './OutingEditor';
import { Pictures } from './Pictures';
import { Readings } from './Readings';
import { TimeViewContext, type TimeView } from './time-view';
import { useSpread, useTrial } from './use-trial';
import { Verdict } from './Verdict';
import { WiringAt } from './WiringAt';
import styles from './TrialStation.module.css';

const views = ['pictures', 'wiring', 'outing', 'choose'] as const;
const viewNames = { pictures: 'Pictures', wiring: 'Wiring', outing: 'Outing', choose: 'Choose' };
const sides = ['events', 'gives', 'sure'] as const;
const sideNames = { events: 'Events', gives: 'Gives first', sure: 'How sure' };

/** What happens under way, and what gives first: the build taken through an outing, second by second. */
export function Component() {
  const build = useBuild();
  const [params, setParams] = useSearchParams();
  const outings = useMemo(() => outingsOf(build), [build]);
  const outing = outings.find((candidate) => candidate.id === params.get('outing')) ?? outings[0]!;
  const view = views.find((name) => name === params.get('show')) ?? 'pictures';
  const [side, setSide] = useState<(typeof sides)[number]>('events');
  const [start, setStart] = useState<Start>({ charge: 0.9, air: 20, age: 1 });
  const [otherId, setOtherId] = useState('');
  const variants = useVariants();
  const other = variants.find((variant) => variant.id === otherId);
  const task = useMemo((): TrialTask => ({ outing, ...start }), [outing, start]);
  const trial = useTrial(build, task);
  const spread = useSpread(build, task, trial);
  const compared = useTrial(other?.build, task);
  const recordKey = useBuildStore((state) => state.recordKey);
  useEffect(() => {
    useTrialFindings.setState({ rehearsal: { recordKey, outingName: outing.name, task } });
  }, [recordKey, outing.name, task]);
  const { result } = trial;
  const isLater = useLater();

  const set = (name: string, value: string) => {
    const next = new URLSearchParams(params);
    if (value === '') next.delete(name);
    else next.set(name, value);
    setParams(next, { replace: true });
  };
  const timeView = useTimeViewOf(outing.seconds, outing.id);

  return (
    <TimeViewContext value={timeView}>
      <div className={styles.station}>
        <div className={styles.head}>
          <h1 className={styles.title}>
            Trial <span className={styles.subtitle}>· with the radio set up</span>
          </h1>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={view}
            aria-label="Show"
            onChange={(_, next: string | null) => next && set('show', next === 'pictures' ? '' : next)}
          >
            {views.map((name) => (
              <ToggleButton key={name} value={name}>
                {viewNames[name]}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </div>
        <div className={styles.task}>
          <TextField
            select
            size="small"
            label="Outing"
            value={outing.id}
            sx={{ width: 214 }}
            onChange={({ target }) => set('outing', target.value)}
          >
            {outings.map((each) => (
              <MenuItem key={each.id} value={each.id}>
                {each.name}, {each.seconds} s
              </MenuItem>
            ))}
          </TextField>
          <Circumstances start={start} onChange={setStart} />
          <CompareWith variants={variants} chosen={otherId} onChoose={setOtherId} />
          <Button
            size="small"
            disabled={!result}
            onClick={() =>
              result &&
              downloadText(
                `${build.id}-${outing.id}.csv`,
                unparse(trialTable(result), { escapeFormulae: true }),
                'text/csv',
              )
            }
          >
            Export CSV
          </Button>
        </div>
        <LongRun trial={trial} />
        {trial.failure && (
          <p className={styles.failure}>This outing could not be followed: {trial.failure}.</p>
        )}
        {result && (
          <>
            <Verdict
              build={build}
              result={result}
              isStale={trial.isStale}
              spread={spread}
              other={
                other && compared.result && { name: other.name, build: other.build, result: compared.result }
              }
            />
            {result.missing.length > 0 && (
              <p className={styles.missing}>Left out, as no sheet states: {result.missing.join(', ')}.</p>
            )}
            <div className={styles.work} data-wide={view === 'wiring' || view === 'choose'}>
              <div className={styles.pictures} data-stale={trial.isStale}>
                {isLater && view === 'pictures' && <Pictures result={result} other={compared.result} />}
                {isLater && view === 'wiring' && (
                  <>
                    <EventStrip events={result.events} />
                    <WiringAt result={result} />
                  </>
                )}
                {isLater && view === 'choose' && <ChoiceBench task={task} />}
                {view === 'outing' && <OutingEditor outing={outing} onChoose={(id) => set('outing', id)} />}
              </div>
              <div className={styles.side}>
                <Tabs
                  value={side}
                  variant="fullWidth"
                  aria-label="What it means"
                  onChange={(_, next: (typeof sides)[number]) => setSide(next)}
                >
                  {sides.map((each) => (
                    <Tab key={each} value={each} label={sideNames[each]} />
                  ))}
                </Tabs>
                <div className={styles.sideBody}>
                  {isLater && side === 'events' && <EventList events={result.events} />}
                  {side === 'gives' && <GivesFirst task={task} />}
                  {side === 'sure' && (
                    <>
                      <HowSure task={task} result={result} />
                      <Readings task={task} />
                    </>
                  )}
                </div>
              </div>
            </div>
          </>
        )}
      </div>
    </TimeViewContext>
  );
}

/** The shared stretch and instant; another outing shows its whole. */
function useTimeViewOf(seconds: number, outingId: string): TimeView {
  const [stretch, setStretch] = useState<{ outing: string; from: number; to: number }>();
  const [cursor, setCursor] = useState<number>();
  const isHere = stretch?.outing === outingId && stretch.to <= seconds;
  const [from, to] = isHere ? [stretch.from, stretch.to] : [0, seconds];
  return useMemo(
    () => ({
      from,
      to,
      seconds,
      cursor: cursor !== undefined && cursor <= seconds ? cursor : undefined,
      setCursor,
      show: (begin, end) => setStretch({ outing: outingId, from: begin, to: end }),
    }),
    [from, to, seconds, cursor, outingId],
  );
}
