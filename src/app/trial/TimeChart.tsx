import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line, stack } from 'd3-shape';
import { useMemo } from 'react';
import { useWidth } from '../loom/use-width';
import { chartColour } from './chart-colours';
import { CursorLayer } from './CursorLayer';
import { Doubtful } from './Doubtful';
import { ValueGrid } from '../drawing/ValueGrid';
import { useTimeView } from './time-view';
import { SaveFigure } from '../drawing/SaveFigure';
import styles from './TimeChart.module.css';

export interface ChartLine {
  id: string;
  name: string;
  values: ArrayLike<number>;
  /** A second variant, drawn behind. */
  isGhost?: boolean;
}

export interface ChartLevel {
  name: string;
  value: number;
}

interface TimeChartProps {
  title: string;
  unit: string;
  lines: readonly ChartLine[];
  levels?: readonly ChartLevel[];
  /** Lines stand one on the other as areas. */
  isStacked?: boolean;
  height: number;
  /** Least and most of the scale, where it should not follow the lines. */
  domain?: [number, number];
  digits?: number;
  /** Value beyond which the lines are doubtful. */
  doubtfulFrom?: number | undefined;
}

/** Height of a line of small text. */
const labelHeight = 12;

/** Room under a chart for its times, in a file. */
const axisHeight = 16;

const margin = { left: 44, right: 8, top: 4, bottom: 4 };

/** One quantity over the time of an outing. Time, cursor and zoom are shared with the pictures around it. */
export function TimeChart({
  title,
  unit,
  lines,
  levels = [],
  isStacked = false,
  height,
  domain,
  digits = 1,
  doubtfulFrom,
}: TimeChartProps) {
  const { from, to, seconds, cursor } = useTimeView();
  const [frame, frameWidth] = useWidth();
  const width = Math.max(frameWidth, 200);
  const x = scaleLinear([from, to], [margin.left, width - margin.right]);
  const [least, most] = domain ?? extent(lines, levels, isStacked);
  const y = scaleLinear([least, most], [height - margin.bottom, margin.top]).nice(3);
  const shapes = useMemo(
    () =>
      isStacked ? stackedShapes(lines) : lines.map((line) => Array.from(line.values, (v) => [v, v] as const)),
    [lines, isStacked],
  );
  const labelYs = labelHeights(
    levels.map((level) => y(level.value)),
    height - margin.bottom,
  );
  const at = (n: number, count: number) => ((n + 1) * seconds) / count;
  const slice = (count: number) => Math.min(Math.floor(((cursor ?? 0) / seconds) * count), count - 1);
  const colours = new Map(lines.filter((line) => !line.isGhost).map((line, n) => [line.id, chartColour(n)]));

  return (
    <figure className={styles.figure} aria-label={title} ref={frame}>
      <figcaption className={styles.caption}>
        <span className={styles.title}>
          {title}
          <span className="visually-hidden">
            , {unit}, from {from.toFixed(0)} to {to.toFixed(0)} s
          </span>
        </span>
        {lines
          .filter((line) => !line.isGhost)
          .map((line) => (
            <span key={line.id} className={styles.key}>
              <i style={{ background: colours.get(line.id) }} />
              {line.name}
              {cursor !== undefined && (
                <b className="figure">
                  {(line.values[slice(line.values.length)] ?? 0).toFixed(digits)} {unit}
                </b>
              )}
            </span>
          ))}
        <SaveFigure name={title} />
      </figcaption>
      <svg width="100%" height={height} className={styles.picture} data-below={axisHeight}>
        <ValueGrid y={y} left={margin.left} right={width - margin.right} />
        {doubtfulFrom !== undefined && (
          <Doubtful from={y(doubtfulFrom)} left={margin.left} right={width - margin.right} />
        )}
        <text x={4} y={margin.top + 10} className={styles.unit}>
          {unit}
        </text>
        <clipPath id={`clip-${title}`}>
          <rect x={margin.left} y={0} width={width - margin.left - margin.right} height={height} />
        </clipPath>
        <g clipPath={`url(#clip-${title})`}>
          {lines.map((line, n) => (
            <path
              key={`${line.id}${line.isGhost ? ' ghost' : ''}`}
              className={isStacked ? styles.area : styles.line}
              data-ghost={line.isGhost ?? false}
              style={
                isStacked ? { fill: colours.get(line.id) } : { stroke: colours.get(line.id) ?? undefined }
              }
              d={pathOf(shapes[n]!, isStacked && !line.isGhost, (k) => x(at(k, shapes[n]!.length)), y)}
            />
          ))}
          {levels.map((level) => (
            <line
              key={level.name}
              x1={margin.left}
              x2={width}
              y1={y(level.value)}
              y2={y(level.value)}
              className={styles.level}
            />
          ))}
          {levels.map((level, n) => (
            <text key={level.name} x={width - margin.right - 4} y={labelYs[n]} className={styles.levelName}>
              {level.value.toFixed(digits)} {unit} {level.name}
            </text>
          ))}
        </g>
        <CursorLayer x={x} left={margin.left} width={width} height={height} />
        {/* On the page all charts share the time over them; in a file of its own each has it. */}
        <g aria-hidden>
          {x.ticks(8).map((tick) => (
            <text
              key={tick}
              x={Math.min(x(tick), width)}
              y={height + 11}
              textAnchor={x(tick) > width - 2 * margin.right ? 'end' : 'middle'}
              className={styles.unit}
            >
              {tick} s
            </text>
          ))}
        </g>
      </svg>
    </figure>
  );
}

type Shape = readonly (readonly [number, number])[];

function pathOf(
  shape: Shape,
  isArea: boolean,
  x: (n: number) => number,
  y: (value: number) => number,
): string {
  const points = shape as [number, number][];
  return isArea
    ? (area<[number, number]>()
        .x((_, n) => x(n))
        .y0(([low]) => y(low))
        .y1(([, high]) => y(high))(points) ?? '')
    : (line<[number, number]>()
        .x((_, n) => x(n))
        .y(([, value]) => y(value))
        .curve(curveMonotoneX)(points) ?? '');
}

function stackedShapes(lines: readonly ChartLine[]): Shape[] {
  const solid = lines.filter((line) => !line.isGhost);
  const rows = Array.from({ length: solid[0]?.values.length ?? 0 }, (_, n) => n);
  const layers = stack<number, ChartLine>()
    .keys(solid)
    .value((n, line) => Math.max(line.values[n] ?? 0, 0))(rows);
  const byLine = new Map(
    solid.map((line, n) => [line, layers[n]!.map(([low, high]) => [low, high] as const)]),
  );
  return lines.map((line) => byLine.get(line) ?? Array.from(line.values, (value) => [value, value] as const));
}

/**
 * Heights of the labels of levels, lowest level first: under the lowest where there is room, clear of what is
 * drawn above it; else beside their levels, moved apart so that none lies over another.
 */
function labelHeights(ys: readonly number[], bottom: number): number[] {
  const [lowest = 0] = ys;
  if (ys.length > 1 && lowest + ys.length * labelHeight <= bottom)
    return ys.map((_, n) => lowest + (ys.length - n) * labelHeight);
  const moved: number[] = [];
  for (const y of ys) moved.push(Math.min(y + 4, (moved.at(-1) ?? Infinity) - labelHeight));
  return moved;
}

function extent(
  lines: readonly ChartLine[],
  levels: readonly ChartLevel[],
  isStacked: boolean,
): [number, number] {
  let least = Math.min(0, ...levels.map((level) => level.value));
  let most = Math.max(0.001, ...levels.map((level) => level.value * 1.05));
  const count = lines[0]?.values.length ?? 0;
  for (let n = 0; n < count; n += 1) {
    let sum = 0;
    for (const line of lines) {
      const value = line.values[n] ?? 0;
      if (isStacked && !line.isGhost) sum += Math.max(value, 0);
      else if (Number.isFinite(value)) {
        least = Math.min(least, value);
        most = Math.max(most, value);
      }
    }
    most = Math.max(most, sum);
  }
  return [least, most];
}
