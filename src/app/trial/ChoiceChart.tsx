import Slider from '@mui/material/Slider';
import { scaleLinear, scaleLog, type ScaleLogarithmic } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { SaveFigure } from '../drawing/SaveFigure';
import { figureOf, type ChoicePoint, type ChoiceSpread } from '../../core/desk/trial/choice-bench';
import { useWidth } from '../loom/use-width';
import { chartColour } from './chart-colours';
import { Doubtful } from './Doubtful';
import { ValueGrid } from '../drawing/ValueGrid';
import styles from './ChoiceBench.module.css';
import chart from './TimeChart.module.css';

interface ChoiceChartProps {
  points: readonly ChoicePoint[];
  now: number;
  inHand: number;
  /** What is chosen, for the slider. */
  name: string;
  written: (value: number) => string;
  onChoose: (value: number) => void;
}

interface Line {
  name: string;
  figure: keyof ChoiceSpread;
}

interface Band {
  title: string;
  unit: string;
  lines: readonly Line[];
  /** Degrees and the like that must not be passed. */
  limit?: number;
  /** Values from which on the lines are doubtful. */
  doubtfulFrom?: number | undefined;
}

const margin = { left: 44, right: 12 };
const height = 62;

/** A drag is as fine as this on the slider, whose ends are those of the range. */
const slideSteps = 200;

/** Speed, amps, time and heat over the values of one choice, with the value in hand to be drawn along. */
export function ChoiceChart({ points, now, inHand, name, written, onChoose }: ChoiceChartProps) {
  const [frame, frameWidth] = useWidth();
  const width = Math.max(frameWidth, 240);
  const [least, most] = [points[0]!.value, points.at(-1)!.value];
  const x = scaleLog([least, most], [margin.left, width - margin.right]);
  const limit = Math.min(
    ...points.flatMap(({ motor, controller }) => [motor, controller].flatMap((part) => part?.limit ?? [])),
  );
  const bands: Band[] = [
    {
      title: 'Top speed',
      unit: 'm/s',
      lines: [{ name: 'top speed', figure: 'topSpeed' }],
      doubtfulFrom: points[0]!.doubtfulFrom,
    },
    { title: 'Mean amps', unit: 'A', lines: [{ name: 'mean amps', figure: 'meanAmps' }] },
    { title: 'Run time', unit: 'min', lines: [{ name: 'run time', figure: 'runMinutes' }] },
    {
      title: 'Hottest',
      unit: '°C',
      lines: [
        { name: 'motor', figure: 'motorCelsius' },
        { name: 'controller', figure: 'controllerCelsius' },
      ],
      ...(Number.isFinite(limit) && { limit }),
    },
  ];
  const slide = slideSteps / Math.log(most / least);
  return (
    <div ref={frame} className={styles.chart}>
      <Slider
        size="small"
        aria-label={name}
        className={styles.slider}
        min={0}
        max={slideSteps}
        value={Math.log(inHand / least) * slide}
        getAriaValueText={() => written(inHand)}
        valueLabelDisplay="auto"
        valueLabelFormat={() => written(inHand)}
        marks={[
          { value: 0, label: written(least) },
          { value: Math.log(now / least) * slide, label: 'now' },
          { value: slideSteps, label: written(most) },
        ]}
        onChange={(_, value) => onChoose(least * Math.exp(value / slide))}
      />
      {bands.map((band) => (
        <BandChart
          key={band.title}
          band={band}
          points={points}
          x={x}
          width={width}
          now={now}
          inHand={inHand}
          onChoose={onChoose}
        />
      ))}
    </div>
  );
}

interface BandChartProps {
  band: Band;
  points: readonly ChoicePoint[];
  x: ScaleLogarithmic<number, number>;
  width: number;
  now: number;
  inHand: number;
  onChoose: (value: number) => void;
}

function BandChart({ band, points, x, width, now, inHand, onChoose }: BandChartProps) {
  const { title, unit, lines, limit, doubtfulFrom } = band;
  const drawn = lines
    .map((each) => ({
      ...each,
      values: points.flatMap((point) => {
        const value = figureOf(point, each.figure);
        const spread = point.spread?.[each.figure];
        return value === undefined ? [] : [{ at: point.value, value, spread }];
      }),
    }))
    .filter(({ values }) => values.length > 0);
  const all = drawn.flatMap(({ values }) => values.flatMap(({ value, spread }) => spread ?? [value]));
  const y = scaleLinear([0, Math.max(...all, limit ?? 0) * 1.08 || 1], [height - 4, 6]).nice(3);
  const draw = ({ currentTarget, clientX }: React.PointerEvent<SVGSVGElement>) => {
    const value = x.invert(clientX - currentTarget.getBoundingClientRect().left);
    onChoose(Math.min(Math.max(value, points[0]!.value), points.at(-1)!.value));
  };
  return (
    <figure className={chart.figure} aria-label={title}>
      <figcaption className={chart.caption}>
        <span className={chart.title}>
          {title}, {unit}
        </span>
        {drawn.length > 1 &&
          drawn.map((each, n) => (
            <span key={each.name} className={chart.key}>
              <i style={{ background: chartColour(n) }} />
              {each.name}
            </span>
          ))}
        <SaveFigure name={title} />
      </figcaption>
      <svg
        width="100%"
        height={height}
        className={styles.picture}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          draw(event);
        }}
        onPointerMove={(event) => event.buttons > 0 && draw(event)}
      >
        <ValueGrid y={y} left={margin.left} right={width - margin.right} />
        {drawn.map((each, n) => (
          <g key={each.name}>
            <path
              fill={chartColour(n)}
              opacity={0.18}
              d={
                area<(typeof each.values)[number]>()
                  .x(({ at }) => x(at))
                  .y0(({ value, spread }) => y(spread?.[0] ?? value))
                  .y1(({ value, spread }) => y(spread?.[1] ?? value))
                  .curve(curveMonotoneX)(each.values) ?? ''
              }
            />
            <path
              className={chart.line}
              style={{ stroke: chartColour(n) }}
              d={
                line<(typeof each.values)[number]>()
                  .x(({ at }) => x(at))
                  .y(({ value }) => y(value))
                  .curve(curveMonotoneX)(each.values) ?? ''
              }
            />
          </g>
        ))}
        {doubtfulFrom !== undefined && (
          <Doubtful from={y(doubtfulFrom)} left={margin.left} right={width - margin.right} />
        )}
        {limit !== undefined && (
          <>
            <line x1={margin.left} x2={width} y1={y(limit)} y2={y(limit)} className={chart.level} />
            <text x={width - margin.right - 4} y={y(limit) + 13} className={chart.levelName}>
              {limit} °C
            </text>
          </>
        )}
        {/* Where something gives the ground is marked. */}
        {points
          .filter((point) => point.breaks !== undefined)
          .map((point) => (
            <circle key={point.value} cx={x(point.value)} cy={height - 4} r={3.5} className={styles.breaks} />
          ))}
        <line x1={x(now)} x2={x(now)} y1={0} y2={height} className={styles.now} />
        <line x1={x(inHand)} x2={x(inHand)} y1={0} y2={height} className={chart.cursor} />
      </svg>
    </figure>
  );
}
