import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { Explained } from '../help/Explained';
import { useState } from 'react';
import {
  choiceEdits,
  type Choice,
  type ChoicePoint,
  type ChoiceRange,
} from '../../core/desk/trial/choice-bench';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import { runTimeWords } from '../../core/base/quantity/run-time-words';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { ChoiceChart } from './ChoiceChart';
import { useChoices } from './use-choices';
import styles from './ChoiceBench.module.css';

/** How a choice is named, and written in the units of the bench. */
const words: Record<Choice, { name: string; unit: string; scale: number; digits: number }> = {
  gearRatio: { name: 'Gears', unit: 'to 1', scale: 1, digits: 1 },
  screwDiameter: { name: 'Screw', unit: 'mm', scale: 1000, digits: 0 },
  screwPitch: { name: 'Pitch', unit: 'mm', scale: 1000, digits: 0 },
  ampHours: { name: 'Pack', unit: 'mAh', scale: 1000, digits: 0 },
};

/** Gears, screw or pack by what they will do on this outing: the whole range at once, and one value to take. */
export function ChoiceBench({ task }: { task: TrialTask }) {
  const [asked, setAsked] = useState<Choice>();
  const [moreCells, setMoreCells] = useState(0);
  const { ranges, range, points, isRunning, failure } = useChoices(task, asked, moreCells);
  if (!range)
    return (
      <p className={styles.note}>
        <Explained text="Nothing to choose yet: wire a motor that moves the model, or put a pack with its capacity in." />
      </p>
    );
  return (
    <div className={styles.bench}>
      <div className={styles.asks}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={range.choice}
          aria-label="Choose"
          onChange={(_, next: Choice | null) => next && setAsked(next)}
        >
          {ranges.map(({ choice }) => (
            <ToggleButton key={choice} value={choice}>
              {words[choice].name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={moreCells}
          aria-label="Cells"
          onChange={(_, next: number | null) => next !== null && setMoreCells(next)}
        >
          <ToggleButton value={-1}>a cell less</ToggleButton>
          <ToggleButton value={0}>cells as planned</ToggleButton>
          <ToggleButton value={1}>a cell more</ToggleButton>
        </ToggleButtonGroup>
      </div>
      {failure && <p className={styles.note}>This could not be worked out: {failure}.</p>}
      {isRunning && (
        <LinearProgress variant="determinate" value={(100 * points.length) / range.values.length} />
      )}
      {points.length > 1 && <Tried key={`${range.choice}${range.now}`} range={range} points={points} />}
    </div>
  );
}

/** The curves, the value in hand and what it comes to. */
function Tried({ range, points }: { range: ChoiceRange; points: readonly ChoicePoint[] }) {
  const build = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const [inHand, setInHand] = useState(range.now);
  const { name, unit, scale, digits } = words[range.choice];
  const written = (value: number) => `${(value * scale).toFixed(digits)} ${unit}`;
  const point = nearest(points, inHand);
  const take = Number((inHand * scale).toFixed(digits)) / scale;
  return (
    <>
      <div className={styles.inHand}>
        <p className={styles.words} role="status">
          <b>{written(inHand)}</b>: {toldOf(point)}
        </p>
        {range.choice !== 'ampHours' && (
          <Button
            variant="contained"
            sx={{ flexShrink: 0 }}
            disabled={Math.abs(take - range.now) < 1e-9}
            onClick={() =>
              apply(`Brief: ${name.toLowerCase()} ${written(take)}`, choiceEdits(build, range.choice, take))
            }
          >
            Take {written(inHand)} into the Brief
          </Button>
        )}
      </div>
      <p className={styles.note}>
        {point.breaks ?? 'Nothing gives on this outing.'}
        {point.spread && ' Bands: how far its estimates leave it open.'}
        {points.some(({ breaks }) => breaks !== undefined) && ' Red dots: something gives there.'}
      </p>
      {range.choice === 'ampHours' && (
        <p className={styles.note}>
          A larger pack weighs more, which is counted. Look in the Locker for one near what you choose.
        </p>
      )}
      <ChoiceChart
        points={points}
        now={range.now}
        inHand={inHand}
        name={name}
        written={written}
        onChoose={setInHand}
      />
    </>
  );
}

const nearest = (points: readonly ChoicePoint[], value: number): ChoicePoint =>
  points.reduce((best, point) =>
    Math.abs(Math.log(point.value / value)) < Math.abs(Math.log(best.value / value)) ? point : best,
  );

function toldOf({ topSpeed, meanAmps, mostAmps, runMinutes, motor, controller }: ChoicePoint): string {
  const heat = (
    [
      ['motor', motor],
      ['controller', controller],
    ] as const
  ).flatMap(([part, at]) => (at ? [`${part} ${at.celsius.toFixed(0)} °C of ${at.limit}`] : []));
  return [
    `${topSpeed.toFixed(1)} m/s (${(topSpeed * 3.6).toFixed(0)} km/h)`,
    `${meanAmps.toFixed(1)} A in the mean, ${mostAmps.toFixed(0)} A at most`,
    Number.isFinite(runMinutes) ? runTimeWords(runMinutes) : 'nothing drawn',
    ...heat,
  ].join(', ');
}
