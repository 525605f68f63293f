import type { TrialResult } from '../../core/desk/trial/trial-result';
import { EventStrip } from './EventStrip';
import styles from './TrialStation.module.css';
import { TimeChart, type ChartLevel, type ChartLine } from './TimeChart';

interface PicturesProps {
  result: TrialResult;
  /** Another variant of the build on the same outing. */
  other: TrialResult | undefined;
}

/** Consumers that are told apart in the stack of amps; the rest go together. */
const mostConsumers = 7;

/** Everything over time: rails with their floors, amps by consumer, the pack, heat and speed. */
export function Pictures({ result, other }: PicturesProps) {
  const { rails, amps, cells, charge, heat, speed, events } = result;
  const ghost = (lines: readonly ChartLine[] | undefined): ChartLine[] =>
    (lines ?? []).map((line) => ({ ...line, isGhost: true }));
  const mostRail = Math.max(6, ...rails.flatMap((rail) => highest(rail.values))) * 1.05;
  const cellLow = Math.min(...cells.flatMap((cell) => cell.floors.map((floor) => floor.volts)), 4);
  return (
    <>
      <p className={styles.hint}>
        Point at an instant; drag over a stretch to look closer; double-click for the whole.
      </p>
      <EventStrip events={events} />
      <TimeChart
        title="Rail volts"
        unit="V"
        height={140}
        digits={1}
        domain={[0, mostRail]}
        lines={[...rails, ...ghost(other?.rails)]}
        levels={floorLevels(rails)}
      />
      <TimeChart
        title="Amps by consumer"
        unit="A"
        height={128}
        isStacked
        lines={[...largest(amps), ...(other ? [{ ...total(other.amps), isGhost: true }] : [])]}
      />
      <TimeChart
        title="Volts of a cell"
        unit="V"
        height={86}
        digits={2}
        domain={[cellLow * 0.97, Math.max(4.2, ...cells.flatMap((cell) => highest(cell.values)))]}
        lines={[...cells, ...ghost(other?.cells)]}
        levels={cellLevels(cells)}
      />
      <TimeChart
        title="Charge left"
        unit="%"
        height={64}
        domain={[0, 100]}
        lines={[...charge.map(inPercent), ...ghost(other?.charge.map(inPercent))]}
      />
      {heat.length > 0 && (
        <TimeChart
          title="Temperature"
          unit="°C"
          height={86}
          digits={0}
          lines={[...hottest(heat), ...ghost(other && hottest(other.heat))]}
          levels={[{ name: 'at most', value: Math.min(...heat.map((heatSeries) => heatSeries.limit)) }]}
        />
      )}
      {result.figures.topSpeed > 0 && (
        <TimeChart
          title="Speed"
          unit="m/s"
          height={64}
          lines={[speed, ...ghost(other && [other.speed])]}
          doubtfulFrom={speed.doubtfulFrom}
        />
      )}
    </>
  );
}

const highest = (values: Float64Array): number => values.reduce((most, value) => Math.max(most, value), 0);

const inPercent = (line: ChartLine): ChartLine => ({
  ...line,
  values: Array.from(line.values, (v) => 100 * v),
});

/** The floor of each part on the rails, lowest first; parts with the same floor share a line. */
function floorLevels(rails: TrialResult['rails']): ChartLevel[] {
  const names = new Map<number, string[]>();
  for (const { name, volts } of rails.flatMap((rail) => rail.floors))
    names.set(volts, [...(names.get(volts) ?? []), name]);
  return [...names]
    .sort(([a], [b]) => a - b)
    .map(([value, all]) => ({
      value,
      name: all.length > 2 ? `${all[0]} and ${all.length - 1} more` : all.join(', '),
    }));
}

const cellLevels = (cells: TrialResult['cells']): ChartLevel[] =>
  (cells[0]?.floors ?? [])
    .map((floor) => ({ name: floor.name, value: floor.volts }))
    .sort((a, b) => a.value - b.value);

function largest(lines: TrialResult['amps']): ChartLine[] {
  const sum = (line: ChartLine) => Array.from(line.values).reduce((all, value) => all + Math.abs(value), 0);
  const sorted = [...lines].sort((a, b) => sum(b) - sum(a));
  const rest = sorted.slice(mostConsumers);
  return rest.length === 0
    ? sorted
    : [...sorted.slice(0, mostConsumers), { ...total(rest), id: 'rest', name: `${rest.length} more` }];
}

function total(lines: TrialResult['amps']): ChartLine {
  const values = new Float64Array(lines[0]?.values.length ?? 0);
  for (const line of lines) for (let n = 0; n < values.length; n += 1) values[n]! += line.values[n] ?? 0;
  return { id: 'total', name: 'all', values };
}

/** The parts that warm most; the rest stay cool and are left out. */
const hottest = (lines: TrialResult['heat']): TrialResult['heat'] =>
  [...lines].sort((a, b) => highest(b.values) - b.limit - (highest(a.values) - a.limit)).slice(0, 4);
