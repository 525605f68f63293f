import { max, min } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { stripSeconds, type StripPoint } from './rail-strip';
import { Figure } from '../drawing/Figure';
import { ValueGrid } from '../drawing/ValueGrid';
import styles from './Rehearsal.module.css';

const [width, height] = [250, 92];
const margin = { left: 34, right: 6, top: 8, bottom: 16 };

interface RailStripProps {
  /** Which receiver it is. */
  name: string;
  points: readonly StripPoint[];
  /** Volts under which it restarts. */
  floor: number;
  /** Now, in seconds. */
  seconds: number;
}

/** What a receiver had in the last seconds, against the volts under which it restarts. */
export function RailStrip({ name, points, floor, seconds }: RailStripProps) {
  const least = min(points, ({ volts }) => volts) ?? floor;
  const x = scaleLinear([seconds - stripSeconds, seconds], [margin.left, width - margin.right]);
  const y = scaleLinear(
    [Math.min(floor, least) - 0.4, Math.max(floor, max(points, ({ volts }) => volts) ?? floor) + 0.4],
    [height - margin.bottom, margin.top],
  );
  const course = line<StripPoint>(
    ({ at }) => x(at),
    ({ volts }) => y(volts),
  )([...points]);
  return (
    <section aria-label={`Volts of the ${name}`} className={styles.strip}>
      <h2 className={styles.sideTitle}>Volts of the {name}</h2>
      <Figure
        name={`volts of the ${name}`}
        caption={
          <>
            <strong className="figure">{least.toFixed(2)} V</strong> at least; it restarts under{' '}
            <span className="figure">{floor.toFixed(1)} V</span>
          </>
        }
      >
        <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={`The last ${stripSeconds} s`}>
          <ValueGrid y={y} left={margin.left} right={width - margin.right} count={2} unit="V" />
          <line
            x1={margin.left}
            x2={width - margin.right}
            y1={y(floor)}
            y2={y(floor)}
            className={styles.floor}
          />
          <path d={course ?? ''} className={styles.course} />
          <text x={margin.left} y={height - 3} className={styles.stripWords}>
            {stripSeconds} s ago
          </text>
          <text x={width - margin.right} y={height - 3} textAnchor="end" className={styles.stripWords}>
            now
          </text>
        </svg>
      </Figure>
    </section>
  );
}
