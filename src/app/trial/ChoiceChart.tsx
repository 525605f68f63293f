import Slider from '@mui/material/Slider';
import { scaleLinear, scaleLog, type ScaleLogarithmic } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { riseSpread, type ChoiceHeat, type ChoicePoint } from '../../core/trial/choice-bench';
import { useWidth } from '../loom/use-width';
import { chartColour } from './chart-colours';
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
  of: (point: ChoicePoint) => number | undefined;
  /** Range that it is sure to. */
  range?: (point: ChoicePoint) => ChoiceHeat | undefined;
}

interface Band {
  title: string;
  unit: string;
  lines: readonly Line[];
  /** Degrees and the like that must not be passed. */
  limit?: number;
  /** How sure the lines are, in words. */
  sure?: string;
}

const margin = { left: 44, right: 12 };
const height = 78;

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
    { title: 'Top speed', unit: 'm/s', lines: [{ name: 'top speed', of: (point) => point.topSpeed }] },
    { title: 'Mean amps', unit: 'A', lines: [{ name: 'mean amps', of: (point) => point.meanAmps }] },
    {
      title: 'Run time',
      unit: 'min',
      lines: [{ name: 'run time', of: (point) => finite(point.runMinutes) }],
    },
    {
      title: 'Heat at the end',
      unit: '°C',
      lines: [
        { name: 'motor', of: (point) => point.motor?.celsius, range: (point) => point.motor },
        { name: 'controller', of: (point) => point.controller?.celsius, range: (point) => point.controller },
      ],
      ...(Number.isFinite(limit) && { limit }),
      sure: `± ${riseSpread * 100} % of the rise`,
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

const finite = (value: number): number | undefined => (Number.isFinite(value) ? value : undefined);

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
  const { title, unit, lines, limit, sure } = band;
  const drawn = lines
    .map((each) => ({
      ...each,
      values: points.flatMap((point) => {
        const value = each.of(point);
        return value === undefined ? [] : [{ at: point.value, value, range: each.range?.(point) }];
      }),
    }))
    .filter(({ values }) => values.length > 0);
  const all = drawn.flatMap(({ values }) => values.map(({ value }) => value));
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
        {sure && <span>{sure}</span>}
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
        {y.ticks(3).map((tick) => (
          <g key={tick}>
            <line
              x1={margin.left}
              x2={width - margin.right}
              y1={y(tick)}
              y2={y(tick)}
              className={chart.grid}
            />
            <text x={margin.left - 6} y={y(tick) + 4} className={chart.tick}>
              {tick}
            </text>
          </g>
        ))}
        {drawn.map((each, n) => (
          <g key={each.name}>
            {each.range && (
              <path
                fill={chartColour(n)}
                opacity={0.18}
                d={
                  area<(typeof each.values)[number]>()
                    .x(({ at }) => x(at))
                    .y0(({ value, range }) => y(range?.least ?? value))
                    .y1(({ value, range }) => y(range?.most ?? value))
                    .curve(curveMonotoneX)(each.values) ?? ''
                }
              />
            )}
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
