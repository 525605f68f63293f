import { scaleLinear } from 'd3-scale';
import type { SheetCurve } from '../../core/desk/locker/sheet-curve';
import { SaveFigure } from '../drawing/SaveFigure';
import { ValueGrid } from '../drawing/ValueGrid';
import styles from './CurvePicture.module.css';

const box = { width: 330, height: 170, left: 40, right: 12, top: 10, bottom: 34 };

/** A curve with its axes: the picture that fits the kind of part. */
export function CurvePicture({ curve }: { curve: SheetCurve }) {
  const { points, title, xLabel, yLabel } = curve;
  const xs = points.map((point) => point.x);
  const most = Math.max(...points.map((point) => point.y));
  const least = Math.min(...points.map((point) => point.y));
  const x = scaleLinear()
    .domain([Math.min(...xs), Math.max(...xs)])
    .range([box.left, box.width - box.right]);
  const y = scaleLinear()
    .domain([least > most * 0.6 ? least * 0.95 : 0, most * 1.05])
    .range([box.height - box.bottom, box.top])
    .nice(4);
  const path = points
    .map((point, n) => `${n === 0 ? 'M' : 'L'}${x(point.x).toFixed(1)},${y(point.y).toFixed(1)}`)
    .join('');
  return (
    <figure className={styles.figure}>
      <figcaption className={styles.title}>
        {title}
        <SaveFigure name={title} />
      </figcaption>
      <svg
        viewBox={`0 0 ${box.width} ${box.height}`}
        className={styles.picture}
        role="img"
        aria-label={`${title}: ${least.toFixed(1)} to ${most.toFixed(1)} ${yLabel}`}
      >
        <ValueGrid y={y} left={box.left} right={box.width - box.right} count={4} />
        {x.ticks(5).map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={box.height - box.bottom + 15}
            textAnchor="middle"
            className={styles.tick}
          >
            {tick}
          </text>
        ))}
        <text x={box.width - box.right} y={box.height - 4} textAnchor="end" className={styles.tick}>
          {xLabel}
        </text>
        <text x={box.left - 6} y={box.height - 4} textAnchor="end" className={styles.tick}>
          {yLabel}
        </text>
        <path d={path} className={styles.curve} />
      </svg>
    </figure>
  );
}
