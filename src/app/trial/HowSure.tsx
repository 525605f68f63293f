import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Influence, Spread } from '../../core/desk/trial/tolerance';
import type { TrialResult } from '../../core/desk/trial/trial-result';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import { toleranceRun } from '../../workers/trial-crew';
import { useBuild } from '../state/shown-build';
import { toleranceKey, toleranceSeed } from './use-trial';
import styles from './Side.module.css';

const runs = 200;
const mostInfluences = 6;

/** Runs the outing many times with every estimate varied: how likely a brown-out is, and what is worth measuring. */
export function HowSure({ task, result }: { task: TrialTask; result: TrialResult }) {
  const build = useBuild();
  const queries = useQueryClient();
  const [done, setDone] = useState(0);
  const key = toleranceKey(build, task);
  const answer = useQuery({
    queryKey: key,
    enabled: false,
    queryFn: ({ signal }) =>
      toleranceRun({ build, task, estimates: result.estimates, runs, seed: toleranceSeed }, signal, setDone),
  });
  const cancel = () => void queries.cancelQueries({ queryKey: key });
  // Leaving the station ends a run that nobody waits for.
  useEffect(() => () => void queries.cancelQueries({ queryKey: ['tolerance'] }), [queries]);
  const { data } = answer;
  if (answer.isFetching)
    return (
      <>
        <p className={styles.note}>
          {done} of {runs} runs
        </p>
        <LinearProgress variant="determinate" value={(100 * done) / runs} />
        <Button size="small" onClick={cancel}>
          Stop
        </Button>
      </>
    );
  if (!data)
    return (
      <>
        <p className={styles.note}>
          {result.estimates.length} figures of this build are estimates. {runs} runs vary each of them within
          its range and show how sure the verdict is, and what is worth measuring.
        </p>
        <Button
          variant="contained"
          sx={{ mt: 1 }}
          onClick={() => {
            setDone(0);
            void answer.refetch();
          }}
        >
          Run it {runs} times
        </Button>
      </>
    );
  return (
    <>
      <p className={styles.big}>{(100 * data.brownOutShare).toFixed(0)} %</p>
      <p className={styles.note}>
        of {data.runs} runs brown out
        {data.runs < runs && `; ${runs - data.runs} could not be followed`}
      </p>
      <SpreadRow name="lowest at the receiver" unit="V" digits={2} spread={data.railMinVolts} />
      <SpreadRow name="run time" unit="min" digits={0} spread={data.runMinutes} />
      <SpreadRow name="hottest part" unit="°C" digits={0} spread={data.hottestCelsius} />
      <h2 className={styles.title} style={{ marginTop: 12 }}>
        Worth measuring first
      </h2>
      {data.influences.slice(0, mostInfluences).map((each) => (
        <InfluenceRow key={each.estimate.key} influence={each} />
      ))}
    </>
  );
}

interface SpreadRowProps {
  name: string;
  unit: string;
  digits: number;
  spread: Spread;
}

function SpreadRow({ name, unit, digits, spread: { low, middle, high } }: SpreadRowProps) {
  return (
    <p className={styles.give}>
      {name}: <b className="figure">{middle.toFixed(digits)}</b>, mostly{' '}
      <span className="figure">
        {low.toFixed(digits)} to {high.toFixed(digits)} {unit}
      </span>
    </p>
  );
}

/** How much an estimate decides the lowest volts: the longer the bar, the more a measurement tells. */
function InfluenceRow({ influence: { estimate, onRail } }: { influence: Influence }) {
  return (
    <div className={styles.bar}>
      <span>{estimate.words}</span>
      <svg width={64} height={10} role="img" aria-label={`influence ${Math.abs(onRail).toFixed(2)} of 1`}>
        <rect width={64} height={10} fill="var(--line)" opacity={0.5} />
        <rect width={64 * Math.abs(onRail)} height={10} fill="var(--action)" />
      </svg>
    </div>
  );
}
