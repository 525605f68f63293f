import { extent } from 'd3-array';
import { scaleLinear, scaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import type { PackLife } from '../../core/bench/log/pack-life';
import { useWidth } from '../loom/use-width';
import { Figure } from '../drawing/Figure';
import { dayWords } from './day-words';
import { ValueGrid } from '../drawing/ValueGrid';
import styles from './BesidePicture.module.css';

const height = 110;
const margin = { left: 52, right: 14, top: 10, bottom: 22 };

/** Ohms inside a pack over its days, once there are two of them. */
export function PackPicture({ life: { days, name } }: { life: PackLife }) {
  const [frame, frameWidth] = useWidth();
  const read = days.flatMap(({ on, ohms }) =>
    ohms === undefined ? [] : [{ at: new Date(on), on, ohms: 1000 * ohms }],
  );
  if (read.length < 2) return null;
  const width = Math.max(frameWidth, 280);
  const [from, to] = extent(read, ({ at }) => at) as [Date, Date];
  const x = scaleTime([from, to], [margin.left, width - margin.right]);
  const y = scaleLinear(
    [0, Math.max(...read.map(({ ohms }) => ohms))],
    [height - margin.bottom, margin.top],
  ).nice(3);
  const path = line<(typeof read)[number]>(
    ({ at }) => x(at),
    ({ ohms }) => y(ohms),
  )(read);
  return (
    <div className={styles.figure} ref={frame}>
      <Figure name={`ohms inside the ${name}`} caption={`Ohms inside the ${name}, mΩ`}>
        <svg
          className={styles.picture}
          width={width}
          height={height}
          role="img"
          aria-label={`Ohms inside the ${name}: ${read.map(({ on, ohms }) => `${dayWords(on)} ${ohms.toFixed(0)} mΩ`).join(', ')}`}
        >
          <ValueGrid y={y} left={margin.left} right={width - margin.right} unit="mΩ" />
          <path d={path ?? ''} className={styles.course} />
          {read.map(({ at, on, ohms }) => (
            <circle key={on} cx={x(at)} cy={y(ohms)} r={4.5} className={styles.good} />
          ))}
          <text x={margin.left} y={height - 5} className={styles.tickWords}>
            {dayWords(read[0]!.on)}
          </text>
          <text x={width - margin.right} y={height - 5} textAnchor="end" className={styles.tickWords}>
            {dayWords(read.at(-1)!.on)}
          </text>
        </svg>
      </Figure>
    </div>
  );
}
